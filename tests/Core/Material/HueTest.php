<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Material;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Hue;

final class HueTest extends TestCase
{
    /**
     * Colours that have these names as keywords of CSS (CSS Color Module Level 4, W3C).
     */
    #[DataProvider('provideKeywords')]
    public function testAColourIsCalledAsPeopleCallIt(string $hex, string $name): void
    {
        self::assertSame($name, Hue::of(Colour::parse($hex))->value);
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function provideKeywords(): iterable
    {
        foreach ([
            'red' => ['#ff0000', 'red'], 'crimson' => ['#dc143c', 'red'], 'firebrick' => ['#b22222', 'red'],
            'pink' => ['#ffc0cb', 'pink'], 'hotpink' => ['#ff69b4', 'pink'], 'orange' => ['#ffa500', 'orange'],
            'darkorange' => ['#ff8c00', 'orange'], 'saddlebrown' => ['#8b4513', 'brown'], 'sienna' => ['#a0522d', 'brown'],
            'yellow' => ['#ffff00', 'yellow'], 'gold' => ['#ffd700', 'yellow'], 'green' => ['#008000', 'green'],
            'olivedrab' => ['#6b8e23', 'green'], 'seagreen' => ['#2e8b57', 'green'], 'navy' => ['#000080', 'blue'], 'blue' => ['#0000ff', 'blue'],
            'royalblue' => ['#4169e1', 'blue'], 'steelblue' => ['#4682b4', 'blue'], 'skyblue' => ['#87ceeb', 'blue'],
            'purple' => ['#800080', 'purple'], 'indigo' => ['#4b0082', 'purple'], 'black' => ['#000000', 'black'],
            'grey' => ['#808080', 'grey'], 'white' => ['#ffffff', 'white'],
        ] as $keyword => $one) {
            yield $keyword => $one;
        }
    }
}
