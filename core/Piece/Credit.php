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

    /** So long is a mark. */
    public const MARK = 20;

    /**
     * @param string $by      whose design it is, on one line
     * @param string $licence what others may do with it, on one line
     * @param string $says    what its author says of it, on one line; "" when that is nothing
     * @param string $mark    by which the design is told as it was passed on; "" when nobody knows
     */
    public function __construct(
        public string $by,
        public string $licence,
        public string $says = '',
        public string $mark = '',
    ) {}

    public function marked(string $mark): self
    {
        return new self($this->by, $this->licence, $this->says, $mark);
    }
}
