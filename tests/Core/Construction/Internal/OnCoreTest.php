<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Construction\SquareKnotBand;
use Rinkel\Tests\Core\Examples;

final class OnCoreTest extends TestCase
{
    public function testAllCordsMakeTheClosureWhereTheyAreToRunOn(): void
    {
        $ends = static fn (string $tails): int => (new SquareKnotBand())
            ->ends(Examples::plan(['closure.tails' => $tails])->draft->piece)->count;

        self::assertSame(2, $ends(''));
        self::assertSame(4, $ends('all cords'));
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
