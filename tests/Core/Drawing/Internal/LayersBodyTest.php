<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Tests\Core\Examples;

final class LayersBodyTest extends TestCase
{
    public function testEachStrandHangsBelowTheOneBefore(): void
    {
        $deep = [];
        foreach (self::scene()->beads as $bead) {
            $deep[(string) round($bead->y, 3)] = true;
        }

        self::assertCount(3, $deep);
        self::assertGreaterThan(0.0, self::scene()->frame->deep);
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function scene(array $changes = []): Scene
    {
        return (new Layout(Examples::planOf('layered-strands', $changes)))->flat();
    }
}
