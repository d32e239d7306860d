<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Internal\PairWays;
use Rinkel\Core\Geometry\Point;
use Rinkel\Tests\Core\Examples;

final class PairWaysTest extends TestCase
{
    public function testThePairThatTiesIsTheOneThatIsNamed(): void
    {
        $draft = Examples::planOf('stacked-band')->draft;
        $ways = new PairWays($draft);

        self::assertSame(
            ['first', 'first', 'first', 'second'],
            array_map($ways->tier(...), \array_slice($draft->setting->elements, 0, 4)),
        );
    }

    public function testCordsGoAroundABeadOnBothSides(): void
    {
        $draft = Examples::plan([
            'beads.dot' => ['shape' => 'round', 'diameter' => '8 mm', 'hole' => '3 mm'],
            'pattern' => '2 square, 1 bead dot, 2 square',
        ])->draft;
        $around = (new PairWays($draft))->around($draft->setting->elements[2], 10.0);

        self::assertCount(2, $around);
        self::assertEqualsWithDelta(
            max([0, ...array_map(static fn (Point $point): float => $point->y, $around[0]->points)]),
            -min([0, ...array_map(static fn (Point $point): float => $point->y, $around[1]->points)]),
            1e-6,
        );
    }
}
