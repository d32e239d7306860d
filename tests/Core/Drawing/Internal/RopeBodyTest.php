<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\DrawnCord;
use Rinkel\Core\Drawing\Internal\Body;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Tests\Core\Examples;

final class RopeBodyTest extends TestCase
{
    public function testTheLegsAreBoundAndTheKnotIsWoven(): void
    {
        $scene = self::scene();
        $roles = array_count_values(array_map(static fn (Placed $placed): string => $placed->role, $scene->placed));

        self::assertSame(16, $roles['thread'] ?? 0, 'eight turns at either end');
        self::assertSame(1, $roles['rope'] ?? 0);
        self::assertCount(8, array_filter(
            $scene->cords,
            static fn (DrawnCord $cord): bool => 'rope' === $cord->role,
        ), 'two ropes, folded: four on either side');
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function scene(array $changes = []): Scene
    {
        return Body::of(Examples::planOf('rope-knot', $changes)->draft)->scene();
    }
}
