<?php

declare(strict_types=1);

namespace Rinkel\Core\Cutting;

use Rinkel\Core\Hand\Hand;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;

/**
 * One cord to cut, some number of times, with the split of where its length goes.
 *
 * The parts add up to the cut length. The margin lies on what knots consume only: straight runs are geometry, and each
 * free end has its handling length already. It is what keeps the risk of running short to what the maker accepts.
 */
final readonly class Cut
{
    /**
     * @param string                $role  as it is told from the piece's other cuts: a cord's role, and a number
     *                                     where its cords are cut unlike
     * @param array<string, Length> $parts straight, knots, closure, ends, margin, rounding; only those that are there
     * @param list<Ledger>          $ends  what each of its ends is used for
     */
    private function __construct(
        public string $role,
        public int $count,
        public Cord $cord,
        public array $parts,
        public Length $length,
        public array $ends,
        public Parting $parting,
        public Margin $margin,
    ) {}

    /**
     * Returns the cut, rounded up to whole steps: of each end as much as it needs at the risk that the maker accepts.
     *
     * @param non-empty-list<Ledger> $ends  one, or the two of a cord, the first its end a
     * @param array<string, float>   $parts straight, knots, closure and ends, as expected, in mm
     */
    public static function of(
        string $role,
        int $count,
        Cord $cord,
        bool $folded,
        Length $step,
        array $ends,
        array $parts,
        Risk $risk,
        Hand $hand,
        ?Tension $said,
    ): self {
        $needed = array_map(static fn (Ledger $end): float => $end->atRisk($risk, $hand, $said), $ends);
        $expected = array_sum(array_map(static fn (Ledger $end): float => $end->expected(), $ends));
        $margin = max(0.0, array_sum($needed) - $expected);
        $sum = Length::ofMillimetres(array_sum($needed));
        $length = $sum->roundedUpTo($step);
        $parts = array_map(
            Length::ofMillimetres(...),
            $parts + ['margin' => $margin, 'rounding' => $length->minus($sum)->millimetres],
        );

        return new self(
            $role,
            $count,
            $cord,
            parts: array_filter($parts, static fn (Length $part): bool => $part->millimetres > 1e-9),
            length: $length,
            ends: $ends,
            parting: Parting::of($folded, $length, $needed),
            margin: Margin::of($margin, $ends, $risk, $hand, $said),
        );
    }

    /**
     * Returns this cut, made so many times.
     */
    public function times(int $count): self
    {
        return new self(
            $this->role,
            $count,
            $this->cord,
            parts: $this->parts,
            length: $this->length,
            ends: $this->ends,
            parting: $this->parting,
            margin: $this->margin,
        );
    }

    /**
     * Returns how long it would be cut by a maker who accepts another risk of running short.
     *
     * @param Length $step to which cuts are rounded up
     */
    public function atRisk(Risk $risk, Length $step): Length
    {
        return Length::ofMillimetres(array_sum(array_map(
            fn (Ledger $end): float => $this->margin->needed($end, $risk),
            $this->ends,
        )))->roundedUpTo($step);
    }

    public function total(): Length
    {
        return $this->length->times($this->count);
    }

    public function needed(): Length
    {
        return $this->length->minus($this->part('rounding'));
    }

    /**
     * Returns one part of the split, zero when it is not there.
     */
    public function part(string $name): Length
    {
        return $this->parts[$name] ?? Length::zero();
    }
}
