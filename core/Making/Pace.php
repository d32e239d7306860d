<?php

declare(strict_types=1);

namespace Rinkel\Core\Making;

/**
 * How fast a maker works: seconds for each kind of move, her own where they were measured, else usual ones (from
 * memory).
 */
final readonly class Pace
{
    /** Of one knot, by its word. */
    private const KNOTS = [
        'square' => 10.0, 'half left' => 5.0, 'half right' => 5.0, 'overhand' => 25.0, 'double overhand' => 40.0,
        'barrel' => 60.0, 'lark' => 20.0, 'vertical lark' => 12.0, 'hitch' => 7.0, 'whip' => 4.0, 'interlace' => 300.0,
    ];

    private const KNOT = 15.0;
    private const BEAD = 8.0;

    /**
     * @param array<string, float> $own seconds by kind of move, as kind() names it
     */
    public function __construct(private array $own = []) {}

    /**
     * Returns of which kind a move is, as far as pace goes: "knot square", "bead", or the step's deed.
     */
    public static function kind(Step $step, int $i): string
    {
        $move = $step->move($i);

        return match (true) {
            null !== $move->knot => 'knot '.$move->knot,
            null !== $move->bead => 'bead',
            default => $step->deed->value,
        };
    }

    /**
     * Returns the seconds that hands are on a step.
     */
    public function seconds(Step $step): float
    {
        $seconds = 0.0;
        for ($i = 0; $i < $step->count; ++$i) {
            $seconds += $this->each($step, $i);
        }

        return $seconds;
    }

    /**
     * Returns what a piece still asks of its maker from a move on: stretches of work, each with the wait after it.
     *
     * @return non-empty-list<array{float, int}> minutes of hands, and of waiting
     */
    public function chain(Steps $steps, int $done = 0): array
    {
        [$chain, $hands] = [[], 0.0];
        foreach ($steps->all as $number => $step) {
            $before = $steps->before($number);
            for ($i = max(0, $done - $before); $i < $step->count; ++$i) {
                $hands += $this->each($step, $i) / 60;
            }
            if ($step->minutes > 0 && $done <= $before) {
                $chain[] = [$hands, $step->minutes];
                $hands = 0.0;
            }
        }

        return [...$chain, [$hands, 0]];
    }

    private function each(Step $step, int $i): float
    {
        $move = $step->move($i);
        $kind = self::kind($step, $i);
        if (null !== $move->knot) {
            return $move->share * ($this->own[$kind] ?? self::KNOTS[$move->knot] ?? self::KNOT);
        }

        return $this->own[$kind] ?? (null === $move->bead ? (float) $step->deed->usualSeconds() : self::BEAD);
    }
}
