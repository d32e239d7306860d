<?php

declare(strict_types=1);

namespace Rinkel\Core\Geometry;

/**
 * A circle that encloses circles of mixed size: never smaller than the best, found by really laying them.
 *
 * For a trial radius the circles are laid largest first, each against the rim or two laid ones, as near the rim as it
 * will go; bisection finds the smallest radius for which all find room. Deterministic; meant for up to about 20
 * circles.
 *
 * @internal
 */
final readonly class MixedPacking
{
    private const ROUNDS = 26;
    private const ROOM = 1e-7;

    /**
     * @param non-empty-list<float> $diameters all in one unit
     *
     * @return float diameter of the enclosing circle, in the same unit
     */
    public static function enclosing(array $diameters): float
    {
        rsort($diameters);
        if (1 === \count($diameters)) {
            return $diameters[0];
        }
        if ($diameters[0] === $diameters[\count($diameters) - 1]) {
            return $diameters[0] * CirclePacking::enclosing(\count($diameters));
        }
        $radii = array_map(static fn (float $diameter): float => $diameter / 2, $diameters);
        $low = max(
            $radii[0] + $radii[1],
            sqrt(array_sum(array_map(static fn (float $radius): float => $radius ** 2, $radii))),
        );
        $high = array_sum($radii);
        for ($i = 0; $i < self::ROUNDS; ++$i) {
            $middle = ($low + $high) / 2;
            if (self::fits($radii, $middle)) {
                $high = $middle;
            } else {
                $low = $middle;
            }
        }

        return 2 * $high;
    }

    /**
     * @param non-empty-list<float> $radii largest first
     */
    private static function fits(array $radii, float $rim): bool
    {
        $laid = [[0.0, $rim - $radii[0], $radii[0]]];
        foreach (\array_slice($radii, 1) as $radius) {
            $best = null;
            foreach (self::corners($laid, $radius, $rim) as $corner) {
                if (self::isFree($corner, $radius, $laid, $rim) && (null === $best || hypot(...$corner) > hypot(...$best) + self::ROOM)) {
                    $best = $corner;
                }
            }
            if (null === $best) {
                return false;
            }
            $laid[] = [$best[0], $best[1], $radius];
        }

        return true;
    }

    /**
     * Returns where a circle of $radius touches the rim and a laid circle, or two laid circles.
     *
     * @param list<array{float, float, float}> $laid
     *
     * @return list<array{float, float}>
     */
    private static function corners(array $laid, float $radius, float $rim): array
    {
        $guides = array_map(static fn (array $circle): array => [$circle[0], $circle[1], $circle[2] + $radius], $laid);
        $guides[] = [0.0, 0.0, $rim - $radius];
        $corners = [];
        foreach ($guides as $i => [$ax, $ay, $ar]) {
            foreach (\array_slice($guides, $i + 1) as [$bx, $by, $br]) {
                $distance = hypot($bx - $ax, $by - $ay);
                if ($distance < self::ROOM || $distance > $ar + $br || $distance < abs($ar - $br)) {
                    continue;
                }
                $along = ($ar ** 2 - $br ** 2 + $distance ** 2) / (2 * $distance);
                $aside = sqrt(max(0.0, $ar ** 2 - $along ** 2));
                [$ux, $uy] = [($bx - $ax) / $distance, ($by - $ay) / $distance];
                $corners[] = [$ax + $along * $ux - $aside * $uy, $ay + $along * $uy + $aside * $ux];
                $corners[] = [$ax + $along * $ux + $aside * $uy, $ay + $along * $uy - $aside * $ux];
            }
        }

        return $corners;
    }

    /**
     * @param array{float, float}              $at
     * @param list<array{float, float, float}> $laid
     */
    private static function isFree(array $at, float $radius, array $laid, float $rim): bool
    {
        if (hypot(...$at) + $radius > $rim + self::ROOM) {
            return false;
        }
        foreach ($laid as [$x, $y, $other]) {
            if (hypot($at[0] - $x, $at[1] - $y) < $radius + $other - self::ROOM) {
                return false;
            }
        }

        return true;
    }
}
