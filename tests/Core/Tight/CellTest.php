<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Tight;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Tight\Cell;
use Rinkel\Core\Tight\Ends;
use Rinkel\Core\Tight\Inside;
use Rinkel\Core\Tight\Rod;
use Rinkel\Core\Tight\Rope;
use Rinkel\Core\Tight\Tangle;

final class CellTest extends TestCase
{
    public function testWhatRepeatsIsTurnedAndGoesUp(): void
    {
        $cell = Cell::turning(3.0, \M_PI / 2);
        self::assertEqualsWithDelta([0.0, 1.0, 4.0], $cell->image([1.0, 0.0, 1.0], 1), 1e-12);
        self::assertEqualsWithDelta([-1.0, 0.0, -5.0], $cell->image([1.0, 0.0, 1.0], -2), 1e-12);
        $points = [[1.0, 0.0, 0.0], [1.0, 0.2, 0.5], [0.8, 0.6, 1.5], [0.3, 0.9, 2.5]];
        $rope = Rope::through($points, Ends::Repeats);
        self::assertCount(5, $rope->whole($cell));
        self::assertEqualsWithDelta([0.0, 1.0, 3.0], $rope->whole($cell)[4], 1e-12);
        self::assertGreaterThan(3.0, $rope->length($cell));
    }

    public function testDoors(): void
    {
        $line = array_map(static fn (int $i): array => [(float) $i, 0.0, 0.0], range(0, 3));
        foreach ([
            static fn () => Cell::straight(0.0),
            static fn () => Rope::through([[0.0, 0.0, 0.0], [1.0, 0.0, 0.0]], Ends::Held),
            static fn () => new Rod(0.0, 0.0, -1.0),
            static fn () => Inside::of(9),
            static fn () => Inside::of(1, 11.0),
            static fn () => Tangle::of([]),
            static fn () => Tangle::of([Rope::through($line, Ends::Repeats)]),
        ] as $i => $door) {
            try {
                $door();
                self::fail('let in: '.$i);
            } catch (\InvalidArgumentException $refused) {
                self::assertStringEndsWith('.', $refused->getMessage());
            }
        }
    }

    public function testCoresLieBesideEachOtherAndDoNotOverlap(): void
    {
        foreach (range(1, Inside::MOST) as $count) {
            $rods = Inside::of($count, 1.5)->rods();
            self::assertCount($count, $rods);
            foreach ($rods as $i => $one) {
                foreach (\array_slice($rods, $i + 1) as $other) {
                    self::assertGreaterThan(1.5, sqrt(($one->x - $other->x) ** 2 + ($one->y - $other->y) ** 2));
                }
            }
        }
        self::assertEqualsWithDelta([1.515, 0.75], Inside::of(2, 1.5)->half(), 0.02);
    }
}
