<?php

declare(strict_types=1);

namespace Rinkel\App\Buying;

use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;

/**
 * How much of a material is missing.
 */
final readonly class Missing
{
    /**
     * @param Length|int         $much    that is missing: a length of cord, or how many
     * @param array<string, int> $letters of letter beads, which
     * @param Length|null        $longest of cord, in one piece
     */
    public function __construct(
        public Length|int $much,
        public array $letters,
        public ?Length $longest,
    ) {}
}
