<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Svg;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Svg\Polyline;

final class PolylineTest extends TestCase
{
    /**
     * Lines by chance, smooth, straight and turning back on themselves: what is written lies everywhere within two
     * hundredths of them, from end to end, with less points.
     */
    public function testWhatIsLeftOutIsNotSeen(): void
    {
        $chance = new \Random\Randomizer(new \Random\Engine\Mt19937(26));
        $written = 0;
        $given = 0;
        for ($i = 0; $i < 200; ++$i) {
            $points = self::line($chance);
            $isTurned = 0 === $i % 3;
            $read = self::read(Polyline::through($points, $isTurned)->at(3.5));
            $given += \count($points);
            $written += \count($read);
            foreach ($points as $at => $point) {
                $placed = [3.5 + ($isTurned ? -1 : 1) * $point->x, $point->y];
                self::assertLessThan(0.022, self::away($placed, $read), \sprintf('line %d, point %d', $i, $at));
            }
            $last = $points[\count($points) - 1] ?? new Point(0, 0);
            $end = $read[\count($read) - 1] ?? [0.0, 0.0];
            self::assertEqualsWithDelta(3.5 + ($isTurned ? -1 : 1) * $last->x, $end[0], 0.011);
            self::assertEqualsWithDelta($last->y, $end[1], 0.011);
        }
        self::assertLessThan(0.8 * $given, $written);
    }

    /**
     * @return list<Point>
     */
    private static function line(\Random\Randomizer $chance): array
    {
        [$wide, $high, $often, $steps] = [
            $chance->getInt(50, 20_000) / 100,
            $chance->getInt(0, 300) / 100,
            $chance->getInt(0, 900) / 100,
            $chance->getInt(2, 120),
        ];
        $points = [];
        for ($i = 0; $i <= $steps; ++$i) {
            $share = $i / $steps;
            $points[] = new Point($wide * sin($share * $often / 2), $high * sin($share * $often));
        }

        return $points;
    }

    /**
     * @return non-empty-list<array{float, float}>
     */
    private static function read(string $path): array
    {
        self::assertSame(1, preg_match('/^M(-?[\d.]+),(-?[\d.]+)l(.+)$/', $path, $parts));
        $at = [(float) $parts[1], (float) $parts[2]];
        $read = [$at];
        foreach (explode(' ', $parts[3]) as $step) {
            [$dx, $dy] = explode(',', $step) + ['', ''];
            $at = [$at[0] + (float) $dx, $at[1] + (float) $dy];
            $read[] = $at;
        }

        return $read;
    }

    /**
     * Returns how far a place is from a line.
     *
     * @param array{float, float}                 $place
     * @param non-empty-list<array{float, float}> $line
     */
    private static function away(array $place, array $line): float
    {
        $nearest = \INF;
        foreach ($line as $i => $b) {
            $a = $line[$i - 1] ?? $b;
            [$dx, $dy] = [$b[0] - $a[0], $b[1] - $a[1]];
            $share = (($place[0] - $a[0]) * $dx + ($place[1] - $a[1]) * $dy) / max(1e-12, $dx * $dx + $dy * $dy);
            $share = max(0.0, min(1.0, $share));
            $nearest = min($nearest, hypot($place[0] - $a[0] - $share * $dx, $place[1] - $a[1] - $share * $dy));
        }

        return $nearest;
    }
}
