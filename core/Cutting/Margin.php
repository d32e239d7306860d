<?php

declare(strict_types=1);

namespace Rinkel\Core\Cutting;

use Rinkel\Core\Hand\Hand;
use Rinkel\Core\Knot\Tension;

/**
 * What a cut is longer by so that it does not run short, and why.
 */
final readonly class Margin
{
    /**
     * @param float $spread  of what knots take of it, as a standard deviation of its logarithm
     * @param int   $percent of margin on what knots take
     * @param int   $oneIn   so many pieces runs short
     */
    public function __construct(
        public float $spread,
        public int $percent,
        public int $oneIn,
        private Hand $hand,
        private ?Tension $said,
    ) {}

    /**
     * @param float        $margin of all ends, in mm
     * @param list<Ledger> $ends
     */
    public static function of(float $margin, array $ends, Risk $risk, Hand $hand, ?Tension $said): self
    {
        $made = array_sum(array_map(static fn (Ledger $end): float => $end->knotted(), $ends));
        $more = $made > 0.0 ? $margin / $made : 0.0;

        return new self(
            spread: log(1 + $more) / max(1e-9, $risk->deviations()),
            percent: (int) round(100 * $more),
            oneIn: $risk->oneIn,
            hand: $hand,
            said: $said,
        );
    }

    /**
     * Returns what an end needs, in mm, by a maker who accepts another risk of running short.
     */
    public function needed(Ledger $end, Risk $risk): float
    {
        return $end->atRisk($risk, $this->hand, $this->said);
    }
}
