<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\DrawnCord;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Geometry\Point;
use Rinkel\Tests\Core\Examples;

final class CoresTest extends TestCase
{
    public function testCoresRunAlongTheWholeBody(): void
    {
        $scene = (new Layout(Examples::plan()))->flat();
        $body = Examples::plan()->draft->body()->millimetres;
        $cores = array_filter($scene->cords, static fn (DrawnCord $cord): bool => 'core' === $cord->role);

        self::assertNotSame([], $cores);
        self::assertLessThanOrEqual(0.0, min([9, ...array_map(
            static fn (DrawnCord $cord): float => min(
                [9, ...array_map(static fn (Point $point): float => $point->x, $cord->points)],
            ),
            array_values($cores),
        )]));
        self::assertGreaterThanOrEqual($body - 1e-6, max([0, ...array_map(
            static fn (DrawnCord $cord): float => max(
                [0, ...array_map(static fn (Point $point): float => $point->x, $cord->points)],
            ),
            array_values($cores),
        )]));
    }
}
