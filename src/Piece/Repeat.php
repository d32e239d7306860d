<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

/**
 * How often a part of the pattern comes.
 */
final readonly class Repeat
{
    /**
     * @param int|null $fitted how often a fit came to stand
     */
    public function __construct(
        public ?int $fitted = null,
        public bool $isFit = false,
        public bool $alternates = false,
        public int $count = 1,
    ) {}
}
