<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Sizes;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Sizes\ShownSize;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Sizing\AvailableMaterials;
use Rinkel\Core\Sizing\GrowingGirth;
use Rinkel\Tests\Core\Examples;

final class ShownSizeTest extends TestCase
{
    public function testWithoutAWordItIsTheLargestThatCanBeMade(): void
    {
        $growth = new GrowingGirth(Examples::piece());
        [$least] = $growth->range();
        $shown = self::shown($least + 5, null);

        self::assertSame($least + 5, $shown->at);
        self::assertNotNull($shown->plan);
        self::assertSame([], $shown->lacks);
        self::assertSame($least + 35, $shown->most, 'what runs out next can be looked at');
    }

    public function testBeyondItsRangeItIsAtTheEdge(): void
    {
        [$least] = (new GrowingGirth(Examples::piece()))->range();

        self::assertSame($least, self::shown($least + 5, -1000)->at);
        self::assertSame($least + 35, self::shown($least + 5, 10_000)->at);
    }

    private static function shown(int $largest, ?int $asked): ShownSize
    {
        return ShownSize::of(
            new Planner(),
            new GrowingGirth(Examples::piece()),
            new AvailableMaterials([], []),
            $largest,
            $asked,
        );
    }
}
