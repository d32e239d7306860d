<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Geometry\Point;

/**
 * The pictures of knots that one cord ties: the coil of a barrel, and hitches along a core.
 *
 * @internal
 */
final class CordKnots
{
    private const FRONT = 1;

    /** Turns that a barrel is longer than its wraps: where its cord turns back, and where its end goes in. */
    private const MORE = 1.7;

    /** One repeat of a braid, in diameters. */
    private const PLAIT = 5.6;

    /**
     * Returns a barrel knot of $wraps, as $length and $width in diameters say: its turns, and its end through them.
     */
    public static function barrel(string $name, int $wraps, float $length, float $width): Motif
    {
        $pitch = $length / ($wraps + self::MORE);
        $coil = new Coil($wraps, $pitch, max(0.6, ($width - 1) / 2), 0.35, 0.0);

        return new Motif($name, [$coil->course('first')->shifted(self::MORE / 2 * $pitch, 0)->strand()], $length);
    }

    /**
     * Returns hitches by the first cord around a core half as wide as $half, each over it first or behind it first.
     *
     * @param non-empty-list<bool> $over
     */
    public static function hitch(string $name, array $over, float $half, float $length): Motif
    {
        $hitches = new Hitches($over, $half, $length / \count($over));

        return new Motif($name, [$hitches->course('first')->strand()], $length);
    }

    /**
     * Returns one turn laid around a bundle half as thick as $half: a bar across.
     */
    public static function turn(string $name, float $half): Motif
    {
        return new Motif($name, [new Strand('first', [new Span(self::FRONT, [
            new Point(0.4, -$half - 0.5), new Point(0.5, -$half * 0.5), new Point(0.5, $half * 0.5), new Point(0.6, $half + 0.5),
        ])])], 1);
    }

    /**
     * Returns one repeat of a flat braid of three strands: each swings from edge to edge and over its neighbour on the
     * way in.
     *
     * Its length makes each strand 1.30 times as long as the braid (docs/model.md).
     */
    public static function plait(string $name): Motif
    {
        return new Motif($name, array_map(
            static fn (Course $course): Strand => $course->strand(),
            self::braid(self::PLAIT, 1.0, 1),
        ), self::PLAIT);
    }

    /**
     * Returns the strands of a flat braid of so many repeats.
     *
     * @param float $period of one repeat, in diameters
     * @param float $out    how far from the middle its edges lie, in the same
     *
     * @return non-empty-list<Course>
     */
    public static function braid(float $period, float $out, int $repeats): array
    {
        return array_map(static function (int $strand) use ($period, $out, $repeats): Course {
            // Copies reach a little into each other, so that no seam shows.
            $steps = range(-1, 36 * $repeats + 1);

            return Course::of('strand-'.$strand, array_map(
                static fn (int $i): Point => new Point(
                    $period * $i / 36,
                    $out * sin(2 * \M_PI * ($i / 36 + $strand / 3)),
                ),
                $steps,
            ), array_map(
                // A strand changes between over and under each time it is at an edge or in the middle.
                static fn (int $i): int => 0 === ((int) floor(4 * (($i + 0.5) / 36 + $strand / 3)) + 4) % 2
                    ? self::FRONT
                    : 2,
                \array_slice($steps, 0, -1),
            ));
        }, [0, 1, 2]);
    }
}
