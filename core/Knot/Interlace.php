<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot;

use Rinkel\Core\Geometry\Curve;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;

/**
 * Two loops woven through each other, each of one or several ropes side by side; eight crossings, over and under by
 * turns.
 *
 * In widths W of the ropes laid side by side the knot is 4.5 W long and 3.2 W wide (judgement: as tight as lies flat).
 * Each rope's way through it is the length of the curve that is drawn, and a quarter of a rope at each of its eight
 * crossings for going over or under (judgement). One of several ropes lies further out and another further in; together
 * they take what the middle does.
 *
 * @internal
 */
final readonly class Interlace
{
    /** Half the knot's length and half its width, in widths of the ropes side by side. */
    private const HALF = 2.25;
    private const HALF_WIDTH = 1.6;

    /**
     * How far from its middle the outermost ropes cross, in the same widths: only between there two lie on each other.
     */
    private const CROSSED = 1.595;

    /** The middle line of the loop whose legs lie on the left, from its upper leg around and back, in the same widths. */
    private const WAY = [
        [-3.2, -0.72], [-2.25, -0.7], [-1.6, -0.45], [-0.95, 0.02], [-0.3, 0.62], [0.5, 1.05], [1.3, 0.8], [1.75, 0.0],
        [1.3, -0.8], [0.5, -1.05], [-0.3, -0.62], [-0.95, -0.02], [-1.6, 0.45], [-2.25, 0.7], [-3.2, 0.72],
    ];

    /**
     * Returns the knot of $parallel ropes; its use is that of one rope of one loop.
     */
    public function tied(Cord $rope, int $parallel): TiedKnot
    {
        $width = $rope->round()->times($parallel);

        return new TiedKnot(
            $width->times(2 * self::HALF),
            $width->times(self::length())->plus($rope->round()->times(8 * 0.25)),
            $width->times(2 * self::HALF_WIDTH),
            $rope->round()->times(2),
            $width->times(2 * self::CROSSED + 1),
        );
    }

    /**
     * Returns the middle line of the left loop, in widths of the ropes side by side, from the knot's left edge and back
     * to it.
     *
     * @return non-empty-list<Point>
     */
    public static function way(): array
    {
        return Curve::between(self::WAY, 6);
    }

    /**
     * Returns the length of that line, in the same widths.
     */
    public static function length(): float
    {
        $length = 0.0;
        $way = self::way();
        foreach ($way as $i => $point) {
            $length += $i > 0 ? $way[$i - 1]->distanceTo($point) : 0.0;
        }

        return $length;
    }
}
