<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Tests\Core\Examples;

final class NetBodyTest extends TestCase
{
    public function testThePouchHangsAtTheLockBead(): void
    {
        $scene = self::scene();

        self::assertCount(1, $scene->hanging);
        $pouch = $scene->hanging[0]->scene;
        self::assertCount(1, $pouch->findings, 'the stone in it');
        self::assertCount(1, $pouch->beads);
        self::assertGreaterThan(10, \count($pouch->cords));
        self::assertGreaterThan(5, \count($pouch->placed), 'its joints');
        self::assertEqualsWithDelta($pouch->frame->left, -$pouch->frame->right, 1e-9);
    }

    public function testABraidIsOfWholeCrossings(): void
    {
        $braids = array_values(array_filter(
            self::scene()->placed,
            static fn (Placed $placed): bool => 'plait' === $placed->motif->name,
        ));

        self::assertCount(2, $braids);
        self::assertSame(0, $braids[0]->knots, 'a crossing is no knot');
        self::assertGreaterThan(3, $braids[0]->count);
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function scene(array $changes = []): Scene
    {
        return (new Layout(Examples::planOf('netted-pouch', $changes)))->flat();
    }
}
