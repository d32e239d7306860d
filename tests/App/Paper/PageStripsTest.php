<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Paper;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Paper\PageStrips;

final class PageStripsTest extends TestCase
{
    /**
     * A drawing at true size is laid in strips of 18 cm, all of it and nothing twice.
     *
     * @param list<array{float, float}> $strips
     */
    #[DataProvider('provideWidths')]
    public function testALongDrawingIsCutForThePage(float $width, array $strips): void
    {
        $box = '-10 -4 '.$width.' 8';
        $html = PageStrips::of(
            '<svg xmlns="http://www.w3.org/2000/svg" viewBox="'.$box.'"><path d="M0 0"/></svg>',
        );

        $strip = '/class="paper-strip" viewBox="(\S+) -4 (\S+) 8" width="(\S+)mm" height="8mm"/';
        preg_match_all($strip, $html, $found, \PREG_SET_ORDER);
        self::assertSame($strips, array_map(
            static fn (array $one): array => [(float) $one[1], (float) $one[2]],
            $found,
        ));
        foreach ($found as $one) {
            self::assertSame($one[2], $one[3], 'a millimetre is one');
        }
        self::assertSame(1, substr_count($html, 'd="M0 0"'), 'it is there once');
    }

    /**
     * @return iterable<string, array{float, list<array{float, float}>}>
     */
    public static function provideWidths(): iterable
    {
        yield 'short' => [150.0, [[-10.0, 150.0]]];
        yield 'just a strip' => [180.0, [[-10.0, 180.0]]];
        yield 'two and a bit' => [400.5, [[-10.0, 180.0], [170.0, 180.0], [350.0, 40.5]]];
    }
}
