<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Geometry\Point;

/**
 * The pictures of knots that one cord ties: the coil of a barrel, and hitches along a core.
 */
final class CordKnots
{
    private const BEHIND = -1;
    private const FRONT = 1;
    private const STEPS = 8;

    /**
     * Returns a barrel knot of $wraps: its turns side by side around the cord, as $length and $width in diameters say.
     */
    public static function barrel(string $name, int $wraps, float $length, float $width): Motif
    {
        $turns = $wraps + 0.5;
        $step = ($length - 1) / $turns;
        $radius = ($width - 1) / 2;
        $spans = [];
        for ($turn = 0; $turn < ceil($turns); ++$turn) {
            $points = [];
            for ($i = 0; $i <= self::STEPS; ++$i) {
                $angle = \M_PI * $i / self::STEPS;
                $points[] = new Point(0.5 + $step * ($turn + 0.75 * $i / self::STEPS), -$radius * cos($angle));
            }
            $spans[] = new Span(self::FRONT, $points);
        }

        return new Motif($name, [new Strand('first', $spans)], $length);
    }

    /**
     * Returns $bars hitches by the first cord around a core half as wide as $half: a bar across for each, and its bump.
     */
    public static function hitch(string $name, int $bars, float $half, float $length): Motif
    {
        $spans = [];
        $step = $length / $bars;
        for ($i = 0; $i < $bars; ++$i) {
            $from = $i * $step;
            $lean = 0 === $i % 2 ? 0.2 : -0.2;
            $edge = $half + 0.5;
            $spans[] = new Span(
                self::BEHIND,
                [new Point($from + 0.5 * $step, -$edge), new Point($from + 0.5 * $step, $edge)],
            );
            $spans[] = new Span(self::FRONT, [
                new Point($from + (0.5 + $lean) * $step, $edge + 0.3),
                new Point($from + 0.5 * $step, $edge - 0.1),
                new Point($from + (0.5 - $lean / 2) * $step, 0),
                new Point($from + (0.5 - $lean) * $step, -$edge),
            ]);
        }
        $spans[] = new Span(
            2,
            [
                new Point(0.1 * $step, $half + 0.75),
                new Point(0.5 * $length, $half + 1.0),
                new Point($length - 0.1 * $step, $half + 0.75),
            ],
        );

        return new Motif($name, [new Strand('first', $spans)], $length);
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
        $period = 5.6;
        $strands = [];
        for ($strand = 0; $strand < 3; ++$strand) {
            $spans = [];
            // A strand changes between over and under each time it is at an edge or in the middle.
            for ($quarter = 0; $quarter < 4; ++$quarter) {
                $points = [];
                // What lies before the repeat stands at its end.
                $whole = ($quarter + 1) / 4 <= $strand / 3 + 1e-9 ? 1 : 0;
                for ($i = -1; $i <= 10; ++$i) {
                    $phase = \M_PI / 2 * ($quarter + $i / 9);
                    $points[] = new Point(($whole + $phase / 2 / \M_PI - $strand / 3) * $period, sin($phase));
                }
                $spans[] = new Span(0 === $quarter % 2 ? self::FRONT : 2, $points);
            }
            $strands[] = new Strand('strand-'.$strand, $spans);
        }

        return new Motif($name, $strands, $period);
    }
}
