<?php

declare(strict_types=1);

namespace Rinkel\Core\Making;

use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Acts;
use Rinkel\Core\Work\Cure;

/**
 * How fast a maker works: seconds for each kind of move, their own where they were measured, else usual ones (from
 * memory).
 *
 * @internal
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
     * @param array<string, float> $own   seconds by kind of move, as kind() names it
     * @param array<string, int>   $dries minutes that their glue takes, by what it has to bear; the usual when not said
     */
    public function __construct(
        private array $own = [],
        private array $dries = [],
    ) {}

    /**
     * Returns for how many minutes an act leaves the piece alone.
     */
    public function waits(Act $act): int
    {
        $cure = $act->care->cure;

        return null === $cure ? 0 : $this->dries[$cure->strain()->value] ?? $cure->minutes();
    }

    /**
     * Returns the sentence of an act, with how long their own glue takes.
     */
    public function said(Act $act): Message
    {
        return null === $act->care->cure ? $act->said : Cure::said($this->waits($act));
    }

    /**
     * Returns of which kind a move is, as far as pace goes: "knot square", "bead", or what the act does.
     */
    public static function kind(Act $act, int $i): string
    {
        $move = $act->stint->move($i);

        return match (true) {
            null !== $move->knot => 'knot '.$move->knot,
            null !== $move->bead => 'bead',
            default => $act->does->value,
        };
    }

    /**
     * Returns the seconds that hands are on a step.
     */
    public function seconds(Act $act): float
    {
        $seconds = 0.0;
        for ($i = 0; $i < $act->stint->count; ++$i) {
            $seconds += $this->each($act, $i);
        }

        return $seconds;
    }

    /**
     * Returns what a piece still asks of its maker from a move on: stretches of work, each with the wait after it.
     *
     * @return non-empty-list<array{float, int}> minutes of hands, and of waiting
     */
    public function chain(Acts $acts, int $done = 0): array
    {
        [$chain, $hands] = [[], 0.0];
        foreach ($acts->all as $number => $act) {
            $before = $acts->before($number);
            for ($i = max(0, $done - $before); $i < $act->stint->count; ++$i) {
                $hands += $this->each($act, $i) / 60;
            }
            if (null !== $act->care->cure && $done <= $before) {
                $chain[] = [$hands, $this->waits($act)];
                $hands = 0.0;
            }
        }

        return [...$chain, [$hands, 0]];
    }

    private function each(Act $act, int $i): float
    {
        $move = $act->stint->move($i);
        $kind = self::kind($act, $i);
        if (null !== $move->knot) {
            return $move->share * ($this->own[$kind] ?? self::KNOTS[$move->knot] ?? self::KNOT);
        }

        return $this->own[$kind] ?? (null === $move->bead ? (float) $act->does->usualSeconds() : self::BEAD);
    }
}
