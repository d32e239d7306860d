<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Tests\Core\Examples;

final class BandBodyTest extends TestCase
{
    public function testASinnetBeginsAndEndsOnce(): void
    {
        $names = array_map(static fn (Placed $placed): string => $placed->motif->name, self::scene()->placed);
        $counts = array_count_values($names);

        self::assertSame([1, 1], [$counts['start-working'] ?? 0, $counts['finish-working'] ?? 0]);
        self::assertContains('square-working', $names);
    }

    public function testARunOfKnotsIsPlacedOnce(): void
    {
        $knots = array_values(array_filter(
            self::scene()->placed,
            static fn (Placed $placed): bool => 'square-working' === $placed->motif->name,
        ));

        self::assertCount(1, $knots);
        self::assertSame(Examples::planOf('square-knot-band')->draft->setting->counts[0], $knots[0]->count);
        self::assertEqualsWithDelta(
            Examples::planOf('square-knot-band')->draft->body()->millimetres,
            $knots[0]->end() - $knots[0]->pose->x,
            1e-6,
        );
    }

    public function testABeadOnTheCoreIsGoneAround(): void
    {
        $beads = ['beads.dot' => ['shape' => 'round', 'diameter' => '8 mm', 'hole' => '3 mm']];
        $scene = self::scene($beads + ['pattern' => '10 square, 1 bead dot, 10 square']);
        $plain = self::scene($beads + ['pattern' => '20 square']);

        self::assertCount(1, $scene->beads);
        self::assertCount(\count($plain->cords) + 2, $scene->cords, 'a cord on either side of it');
        self::assertGreaterThanOrEqual(8.0, $scene->frame->height);
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function scene(array $changes = []): Scene
    {
        return (new Layout(Examples::planOf('square-knot-band', $changes)))->flat();
    }
}
