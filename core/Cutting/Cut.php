<?php

declare(strict_types=1);

namespace Rinkel\Core\Cutting;

use Rinkel\Core\Line\Take;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;

/**
 * One cord to cut, some number of times, with the split of where its length goes.
 *
 * The parts add up to the cut length. The margin lies on what knots consume only: straight runs are geometry, and each
 * free end has its handling length already.
 */
final readonly class Cut
{
    /** Share added to what knots consume, against the spread between makers (common practice: cut too much rather than too little). */
    public const MARGIN = 0.15;

    /**
     * @param array<string, Length> $parts straight, knots, closure, ends, margin, rounding; only those that are there
     */
    private function __construct(
        public string $role,
        public int $count,
        public Cord $cord,
        public bool $folded,
        public array $parts,
        public Length $length,
    ) {}

    /**
     * Returns the cut, rounded up to the step of $unit.
     *
     * @param bool   $folded  whether the cord is folded at its middle and works with both halves
     * @param Take   $body    what the piece takes of it
     * @param Take   $closure what its closure takes
     * @param Length $end     what each free end needs to be held and tied
     */
    public static function of(
        string $role,
        int $count,
        Cord $cord,
        bool $folded,
        Unit $unit,
        Take $body,
        Take $closure,
        Length $end,
    ): self {
        $parts = [
            'straight' => $body->straight,
            'knots' => $body->knots,
            'closure' => $closure->total(),
            'ends' => $end->times(2),
            'margin' => $body->knots->plus($closure->knots)->times(self::MARGIN),
        ];
        $needed = Length::sum(...array_values($parts));
        $length = $needed->roundedUpTo($unit->cutStep());
        $parts['rounding'] = $length->minus($needed);

        return new self(
            $role,
            $count,
            $cord,
            $folded,
            array_filter($parts, static fn (Length $part): bool => !$part->isZero()),
            $length,
        );
    }

    /**
     * Returns what a maker needs of each free end to hold it and tie with it (75 mm, common practice).
     */
    public static function handling(): Length
    {
        return Length::ofMillimetres(75);
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
