<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan;

use Rinkel\Core\Closure\SquareKnotSlider;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Knot\Tied;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\Piece;

/**
 * All that follows from a piece: lengths, counts, cuts, judgements, and how every figure comes about.
 *
 * Inside girths are what the wearer feels; lengths along the band are measured laid flat, along its middle.
 */
final readonly class Plan
{
    /**
     * @param Tied                  $knot       one square knot of the band
     * @param Tied                  $sliderKnot one square knot of the slider
     * @param Tied                  $stopKnot   the stop at each tail's end
     * @param list<Cut>             $cuts
     * @param list<Neighbour>       $neighbours fewest knots first
     * @param array<string, Figure> $figures    by their key
     * @param list<Check>           $checks     worst first
     */
    public function __construct(
        public Piece $piece,
        public int $squareKnots,
        public Tied $knot,
        public Tied $sliderKnot,
        public Tied $stopKnot,
        public SquareKnotSlider $slider,
        public Length $body,
        public Length $wished,
        public Length $closed,
        public Length $open,
        public array $cuts,
        public array $neighbours,
        public array $figures = [],
        public array $checks = [],
    ) {}

    /**
     * Returns this plan with its derivations and judgements, worst judgement first.
     *
     * @param list<Figure> $figures
     * @param list<Check>  $checks
     */
    public function explained(array $figures, array $checks): self
    {
        $order = array_flip(array_map(static fn (Severity $one): string => $one->value, Severity::cases()));
        usort($checks, static fn (Check $one, Check $other): int => $order[$one->severity->value] <=> $order[$other->severity->value]);

        return new self(
            $this->piece,
            $this->squareKnots,
            $this->knot,
            $this->sliderKnot,
            $this->stopKnot,
            $this->slider,
            $this->body,
            $this->wished,
            $this->closed,
            $this->open,
            $this->cuts,
            $this->neighbours,
            array_column($figures, null, 'key'),
            $checks,
        );
    }

    /**
     * Returns the gap between the body's ends at the wished fit, as near as the slider comes to it.
     */
    public function wornGap(): Length
    {
        $gap = $this->wished->minus($this->closed)->plus($this->slider->closedGap());
        $widest = $this->slider->openGap();

        return match (true) {
            $gap->isShorterThan($this->slider->closedGap()) => $this->slider->closedGap(),
            $gap->isLongerThan($widest) => $widest,
            default => $gap,
        };
    }

    public function worst(): Severity
    {
        return $this->checks[0]->severity ?? Severity::Caution;
    }
}
