<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight;

use Rinkel\Core\Knot\DrawnWay;
use Rinkel\Core\Knot\Exception\KnotUnreadable;
use Rinkel\Core\Knot\PulledKnot;
use Rinkel\Core\Tight\Internal\Held;
use Rinkel\Core\Tight\Kind\TightDrawn;

/**
 * Pulls a knot of somebody's own tight, and keeps what a piece needs of it.
 */
final readonly class KnotPuller
{
    /** So much cord on either side of the knot is drawn with it, in diameters. */
    private const BESIDE = 1.5;

    /** Every so many beads are kept. */
    private const KEPT = 2;

    /** Nearer than this, of what their thickness allows, two cords may have gone through each other. */
    private const NEAREST = 0.95;

    /**
     * @param float $spacing of beads, in diameters
     */
    public function __construct(private float $spacing = TightBook::SPACING) {}

    /**
     * Returns what a knot is, before it is pulled.
     */
    public static function name(DrawnWay $way): KnotName
    {
        return KnotName::of((new TightDrawn($way))->laid(Inside::of(1)));
    }

    /**
     * Returns in how many rounds it is done.
     */
    public static function rounds(): int
    {
        return 2 * Tightening::rounds();
    }

    /**
     * @param (\Closure(): void)|null $told after each round
     *
     * @throws KnotUnreadable If it comes undone, or does not stay what it is
     */
    public function pull(DrawnWay $way, ?\Closure $told = null): PulledKnot
    {
        if (KnotName::Nothing === self::name($way)) {
            throw KnotUnreadable::comesUndone();
        }
        $knot = new TightDrawn($way);
        $found = TwoSpacings::of($knot, $knot->laid(Inside::of(1)), $this->spacing, told: $told);
        if (!$found->fine->isWhole() || $found->fine->closest < self::NEAREST) {
            throw KnotUnreadable::notTight();
        }
        [$taking, $error] = [$found->taking, $found->error];

        return PulledKnot::of(
            array_map(
                static fn (float $size): float => round($size, 3),
                [$taking->mean(), $taking->length, $taking->width, $taking->height],
            ),
            round(max(0.001, $error->mean() / $taking->mean(), $error->length / $taking->length), 4),
            TightBook::VERSION,
            self::way($found->fine),
        );
    }

    /**
     * Returns the tight cord from a little before the knot to a little behind, the knot's beginning and the middle of
     * its ends at 0.
     *
     * @return list<array{float, float, float}>
     */
    private static function way(Tightened $tight): array
    {
        [$from, $to] = Held::edges($tight);
        $middle = $tight->tangle->ropes[0]->points[0][0];
        $way = [];
        foreach ($tight->tangle->ropes[0]->points as $i => [$x, $y, $z]) {
            if (0 === $i % self::KEPT && $z > $from - self::BESIDE && $z < $to + self::BESIDE) {
                $way[] = [round($x - $middle, 2), round($y, 2), round($z - $from, 2)];
            }
        }

        return $way;
    }
}
