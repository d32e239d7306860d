<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Construction\SquareKnotBand;
use Rinkel\Core\Construction\StackedBand;
use Rinkel\Tests\Core\Examples;

final class OnCoreTest extends TestCase
{
    public function testAllCordsMakeTheClosureWhereTheyAreToRunOn(): void
    {
        $ends = static fn (string $tails): int => (new SquareKnotBand())
            ->ends(Examples::plan(['closure.tails' => $tails])->draft->piece)->count;

        self::assertSame(2, $ends(''));
        self::assertSame(4, $ends('all cords'));

        $stacked = Examples::planOf('stacked-band', [
            'cords' => [
                'core' => ['thickness' => '1 mm', 'count' => 2], 'sea' => ['thickness' => '1 mm'],
                'sky' => ['thickness' => '1 mm'], 'sand' => ['thickness' => '1 mm'],
            ],
            'pattern' => '(4 square in sea, 4 square in sky, 4 square in sand) x fit',
            'closure' => ['kind' => 'square-slider', 'tails' => 'all cords'],
        ]);
        self::assertSame(8, (new StackedBand())->ends($stacked->draft->piece)->count, 'three pairs and the core');
    }

    public function testABeadOnAllCoresPassesAllOfThem(): void
    {
        $plan = Examples::plan([
            'beads.dot' => ['shape' => 'round', 'diameter' => '7 mm', 'hole' => '2.5 mm'],
            'pattern' => '5 square, bead dot, 5 square',
        ]);

        self::assertCount(2, (new SquareKnotBand())->passes($plan->draft->piece, $plan->draft->setting->elements[5]));
    }
}
