<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Material\Finding;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Step;

/**
 * A closure worked out for a body of known length: the gap it leaves between the body's ends, and what it takes.
 */
final readonly class Fastened
{
    /**
     * @param Length             $narrow    smallest gap between the body's ends
     * @param Length             $wide      widest gap; equal to the smallest where nothing moves
     * @param EndTake            $start     what it takes of each cord that carries it, where the piece begins
     * @param EndTake            $finish    likewise where the piece ends
     * @param Length|null        $own       what knots take of a cord of its own, both halves together
     * @param Length|null        $heads     what knots take that the working cord ties, both its ends together
     * @param Length|null        $tail      one tail, where there are such
     * @param list<Length>       $sizes     gaps of a closure with several fixed sizes, smallest first
     * @param list<Check>        $checks
     * @param list<Step>         $steps
     * @param list<Finding>      $findings  what it is made of, in order
     * @param array<string, int> $beads     at the tips of its tails, by short name
     * @param int                $loopHeads lark's heads that make one loop, nought of a bare one
     */
    public function __construct(
        public ClosureKind $kind,
        public Length $narrow,
        public Length $wide,
        public EndTake $start,
        public EndTake $finish,
        public ?Length $own = null,
        public ?Length $heads = null,
        public ?Length $tail = null,
        public ?Length $length = null,
        public array $sizes = [],
        public array $checks = [],
        public array $steps = [],
        public array $findings = [],
        public array $beads = [],
        public int $loopHeads = 0,
    ) {}
}
