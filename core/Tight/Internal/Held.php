<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight\Internal;

use Rinkel\Core\Tight\KnotSize;
use Rinkel\Core\Tight\Rope;
use Rinkel\Core\Tight\Tightened;

/**
 * What a knot takes whose ends are held apart.
 *
 * @internal
 */
final readonly class Held
{
    /** A cord whose rise is less than this goes across. */
    private const ASLANT = 0.7;

    private function __construct() {}

    public static function size(Tightened $tight): KnotSize
    {
        $use = [];
        foreach ($tight->tangle->ropes as $rope) {
            $use[] = $rope->length($tight->tangle->cell)
                - Rope::between($rope->points[0], $rope->points[\count($rope->points) - 1]);
        }
        [$from, $to] = self::edges($tight);
        [$width, $height] = $tight->size();

        return new KnotSize($use, max(0.0, $to - $from), $width, $height);
    }

    /**
     * Returns where a knot begins and ends along the piece: what does not run along it is the knot, and a tube's edge
     * reaches beyond its middle by half its slant.
     *
     * @return array{float, float}
     */
    public static function edges(Tightened $tight): array
    {
        [$from, $to] = [\INF, -\INF];
        foreach ($tight->tangle->ropes as $rope) {
            $points = $rope->points;
            for ($i = 1, $last = \count($points) - 1; $i < $last; ++$i) {
                $rise = ($points[$i + 1][2] - $points[$i - 1][2]) / Rope::between($points[$i - 1], $points[$i + 1]);
                $edge = abs($rise) < self::ASLANT ? 0.5 * sqrt(1 - $rise ** 2) : -\INF;
                [$from, $to] = [min($from, $points[$i][2] - $edge), max($to, $points[$i][2] + $edge)];
            }
        }

        return [$from, $to];
    }
}
