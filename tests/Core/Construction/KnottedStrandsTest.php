<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Plan\Plan;
use Rinkel\Tests\Core\Examples;

final class KnottedStrandsTest extends TestCase
{
    /**
     * Two strands of two colours are the same piece as two of one: as long, cut alike, each drawn in its own.
     */
    public function testEachStrandHasItsColour(): void
    {
        $one = self::plan(['strand' => ['thickness' => '1 mm', 'colour' => '#553311', 'count' => 2]]);
        $two = self::plan([
            'strand' => ['thickness' => '1 mm', 'colour' => '#553311', 'count' => 1],
            'sand' => ['thickness' => '1 mm', 'colour' => '#ccaa77', 'count' => 1],
        ]);
        $cuts = array_column($two->cuts, null, 'role');

        self::assertEquals($one->draft->body(), $two->draft->body());
        self::assertSame(['strand', 'sand'], array_keys($cuts));
        self::assertEquals($one->cuts[0]->length, $cuts['sand']->length);
        self::assertSame(
            ['#553311', '#ccaa77'],
            array_values(array_unique(array_map(
                static fn ($cord): string => $cord->colour->hex,
                (new Layout($two))->flat()->cords,
            ))),
        );
    }

    /**
     * A thicker strand among them makes all knots and holes as large as it needs.
     */
    public function testTheThickestStrandDecides(): void
    {
        $cords = static fn (string $thickness): array => [
            'strand' => ['thickness' => '1 mm', 'count' => 1],
            'sand' => ['thickness' => $thickness, 'count' => 1],
        ];
        $bead = ['beads.pearl' => ['diameter' => '10 mm', 'hole' => '1.4 mm']];

        self::assertNull(Examples::check(self::plan($cords('1 mm'), $bead), 'cord-does-not-pass'));
        self::assertNotNull(Examples::check(self::plan($cords('1.5 mm'), $bead), 'cord-does-not-pass'));
        self::assertNotSame('sand', self::plan($cords('1.5 mm'))->cuts[0]->role);
        $taken = static function (string $thickness) use ($cords): float {
            $plan = self::plan($cords($thickness));

            return $plan->cuts[0]->length->ratioTo($plan->draft->body());
        };
        self::assertGreaterThan($taken('1 mm'), $taken('1.5 mm'));
    }

    /**
     * @param array<string, array<string, mixed>> $cords
     * @param array<string, mixed>                $changes
     */
    private static function plan(array $cords, array $changes = []): Plan
    {
        return Examples::planOf('knotted-strands', ['cords' => $cords] + $changes);
    }
}
