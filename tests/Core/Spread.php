<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core;

use Rinkel\Core\Hand\Hand;
use Rinkel\Core\Hand\Made;
use Rinkel\Core\Knot\Tension;

/**
 * The spread of what a cord takes in knots, by linear algebra: a run of so many knots has that of their use, a run of a
 * length that of their use less that of their pitch.
 */
final class Spread
{
    /**
     * @param list<array{Made, float, bool}> $takes what was made, its share of the cord, whether it goes on until a
     *                                              length is reached
     */
    public static function of(array $takes, ?Tension $said = null, Hand $hand = new Hand()): float
    {
        $made = array_column($takes, 0);
        $by = [
            ...array_map(static fn (array $take): float => $take[2] ? -$take[1] : 0.0, $takes),
            ...array_map(static fn (array $take): float => $take[1], $takes),
        ];
        $variance = 0.0;
        foreach ([] === $made ? [] : $hand->together($made, $said) as $i => $row) {
            foreach ($row as $j => $covariance) {
                $variance += $by[$i] * $by[$j] * $covariance;
            }
        }

        return sqrt($variance);
    }
}
