<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Knot\BarrelKnot;
use Rinkel\Core\Measure\Length;

/**
 * What a maker chose about a closure; null leaves it to the planner.
 */
final readonly class ClosureWish
{
    /**
     * @param int          $knots    square knots in a slider
     * @param int          $wraps    of a sliding barrel or a stop
     * @param Length|null  $tail     from the body's end to its stop, or past the knot of ties
     * @param int          $loops    loops behind each other, each a further size
     * @param list<string> $findings short names of its findings, in order
     * @param bool         $knotted  whether a loop is made of vertical lark's heads, not of bare cord
     * @param Shows|null   $shows    of a slider when worn; null is a body that shuts to the skin
     * @param bool         $glued    whether glue goes on the cords that a slider runs on, or the knot on elastic
     */
    public function __construct(
        public ClosureKind $kind,
        public int $knots = 4,
        public int $wraps = BarrelKnot::USUAL,
        public ?Length $tail = null,
        public int $loops = 1,
        public array $findings = [],
        public bool $glued = false,
        public bool $knotted = false,
        public ?Shows $shows = null,
    ) {}

    /**
     * @param list<string> $findings
     */
    public function withFindings(array $findings): self
    {
        return new self(
            $this->kind,
            $this->knots,
            $this->wraps,
            $this->tail,
            $this->loops,
            $findings,
            $this->glued,
            $this->knotted,
            $this->shows,
        );
    }

    /**
     * Returns this wish for another closure; what a tail is differs between them.
     */
    public function as(ClosureKind $kind): self
    {
        return new self(
            $kind,
            $this->knots,
            $this->wraps,
            $kind->id() === $this->kind->id() ? $this->tail : null,
            $this->loops,
            $this->findings,
            $this->glued,
            $this->knotted,
            $this->shows,
        );
    }
}
