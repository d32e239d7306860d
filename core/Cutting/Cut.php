<?php

declare(strict_types=1);

namespace Rinkel\Core\Cutting;

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
    /** Legs that differ by less, in mm, are folded at their middle. */
    private const ALIKE = 1.0;

    /**
     * @param array<string, Length> $parts   straight, knots, closure, ends, margin, rounding; only those that are there
     * @param Length|null           $fold    from the tip of the shorter end, where a folded cord's halves differ
     * @param Length|null           $begin   from either tip, where the body of a cord in one run begins
     * @param float                 $spread  of what knots take of it, as a standard deviation of its logarithm
     * @param int                   $percent of margin on what knots take
     * @param int                   $oneIn   so many pieces runs short
     */
    private function __construct(
        public string $role,
        public int $count,
        public Cord $cord,
        public bool $folded,
        public array $parts,
        public Length $length,
        public ?Length $fold,
        public ?Length $begin,
        public float $spread,
        public int $percent,
        public int $oneIn,
    ) {}

    /**
     * Returns the cut, rounded up to whole steps.
     *
     * @param non-empty-list<CutLeg> $legs   one, or the two of a folded cord
     * @param float                  $spread of what knots take, as a standard deviation of its logarithm
     */
    public static function of(
        string $role,
        int $count,
        Cord $cord,
        Length $step,
        array $legs,
        float $spread,
        Risk $risk,
    ): self {
        $knots = Length::sum(...array_map(static fn (CutLeg $leg): Length => $leg->knots(), $legs));
        $margin = $knots->times($risk->margin($spread));
        $parts = [
            'straight' => Length::sum(...array_map(static fn (CutLeg $leg): Length => $leg->body->straight, $legs)),
            'knots' => Length::sum(...array_map(static fn (CutLeg $leg): Length => $leg->body->knots, $legs)),
            'closure' => Length::sum(...array_map(static fn (CutLeg $leg): Length => $leg->closure->total(), $legs)),
            'ends' => Length::sum(...array_map(static fn (CutLeg $leg): Length => $leg->free, $legs)),
            'margin' => $margin,
        ];
        $needed = Length::sum(...array_values($parts));
        $length = $needed->roundedUpTo($step);
        $parts['rounding'] = $length->minus($needed);

        return new self(
            $role,
            $count,
            $cord,
            \count($legs) > 1,
            array_filter($parts, static fn (Length $part): bool => !$part->isZero()),
            $length,
            isset($legs[1]) ? self::fold([$legs[0], $legs[1]], $knots, $margin) : null,
            isset($legs[1]) || $legs[0]->lead->isZero() ? null : $legs[0]->lead,
            $spread,
            (int) round(100 * $risk->margin($spread)),
            $risk->oneIn,
        );
    }

    /**
     * Returns how long the shorter end is, its share of the margin with it, null when both are alike.
     *
     * @param array{CutLeg, CutLeg} $legs
     */
    private static function fold(array $legs, Length $knots, Length $margin): ?Length
    {
        [$short, $long] = $legs[0]->needed()->isLongerThan($legs[1]->needed()) ? [$legs[1], $legs[0]] : $legs;
        $share = $knots->isZero() ? 0.0 : $short->knots()->ratioTo($knots);

        return $long->needed()->minus($short->needed())->millimetres < self::ALIKE
            ? null
            : $short->needed()->plus($margin->times($share));
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
            $this->folded,
            $this->parts,
            $this->length,
            $this->fold,
            $this->begin,
            $this->spread,
            $this->percent,
            $this->oneIn,
        );
    }

    /**
     * Returns how long it would be cut by a maker who accepts another risk of running short.
     *
     * @param Length $step to which cuts are rounded up
     */
    public function atRisk(Risk $risk, Length $step): Length
    {
        // The margin says what it lies on: all knots of the cord, those of its closure too.
        $now = Risk::oneIn($this->oneIn)->margin($this->spread);
        $margin = $now > 0.0 ? $this->part('margin')->times(
            $risk->margin($this->spread) / $now,
        ) : $this->part('margin');

        return $this->needed()->minus($this->part('margin'))->plus($margin)->roundedUpTo($step);
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
     * Returns one part of the split, nought when it is not there.
     */
    public function part(string $name): Length
    {
        return $this->parts[$name] ?? Length::zero();
    }
}
