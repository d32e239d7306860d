<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Geometry\Point;
use Rinkel\Tests\Core\Examples;

final class WrapBodyTest extends TestCase
{
    public function testBothStrandsRunApartAroundTheBeads(): void
    {
        $scene = self::scene();
        [$one, $other] = \array_slice($scene->cords, -2);

        self::assertEqualsWithDelta(
            array_map(static fn (Point $point): float => -$point->y, $one->points),
            array_map(static fn (Point $point): float => $point->y, $other->points),
            1e-9,
        );
        self::assertCount(array_sum(Examples::planOf('bundled-wrap')->beads), $scene->beads);
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function scene(array $changes = []): Scene
    {
        return (new Layout(Examples::planOf('bundled-wrap', $changes)))->flat();
    }
}
