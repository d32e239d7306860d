<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece;

/**
 * Whose design a piece is, and what others may do with it; it goes wherever the piece goes.
 */
final readonly class Credit
{
    /** So much can be said of each, in characters. */
    public const LONGEST = ['by' => 80, 'licence' => 80, 'says' => 400];

    /**
     * @param string $by      whose design it is, on one line
     * @param string $licence what others may do with it, on one line
     * @param string $says    what its author says of it, on one line; "" when that is nothing
     */
    public function __construct(
        public string $by,
        public string $licence,
        public string $says = '',
    ) {}
}
