<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Material\Finding;

/**
 * What a closure is made of besides cord, and at which end each goes.
 *
 * @internal
 */
final readonly class Fittings
{
    /**
     * @param list<array{string, Finding}> $named what it is made of, in order, each with its name
     * @param array<string, int>           $beads at the tips of its tails, by short name
     * @param EndFindings|null             $sides at which end each of its findings goes
     */
    public function __construct(
        public array $named = [],
        public array $beads = [],
        public ?EndFindings $sides = null,
    ) {}
}
