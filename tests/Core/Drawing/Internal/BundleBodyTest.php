<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\DrawnCord;
use Rinkel\Core\Drawing\Internal\Body;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Tests\Core\Examples;

final class BundleBodyTest extends TestCase
{
    public function testStrandsLieSideBySideAndAreBoundAtBothEnds(): void
    {
        $scene = self::scene();
        $turns = array_filter(
            $scene->placed,
            static fn (Placed $placed): bool => 'end' === $placed->role,
        );

        self::assertCount(12, $turns, 'six turns at either end');
        $strands = array_filter($scene->cords, static fn (DrawnCord $cord): bool => 'sea' === $cord->role);
        self::assertNotSame([], $strands);
        $ys = array_map(static fn (DrawnCord $cord): float => $cord->points[0]->y, array_values($strands));
        self::assertSame($ys, array_unique($ys), 'no two in one place');
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function scene(array $changes = []): Scene
    {
        return Body::of(Examples::planOf('strand-bundle', $changes)->draft)->scene();
    }
}
