<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Svg;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Svg\KnotPaper;
use Rinkel\Core\Knot\DrawnWay;
use Rinkel\Tests\Core\FigureEight;

final class KnotPaperTest extends TestCase
{
    /**
     * What the script works out of the paper's own data is where a place is drawn.
     */
    public function testPlacesStandOnTheCornersOfTheirSquares(): void
    {
        $way = DrawnWay::read(FigureEight::WAY);
        $svg = simplexml_load_string(KnotPaper::of($way, 'Paper')) ?: self::fail();
        $square = (float) $svg['data-square'];
        $svg->registerXPathNamespace('s', 'http://www.w3.org/2000/svg');
        $dots = $svg->xpath('//s:circle[@data-place]') ?: [];

        self::assertCount(\count($way->places), $dots);
        foreach ($dots as $i => $dot) {
            [$column, $row] = $way->places[$i] ?? [0, 0];
            self::assertEqualsWithDelta(
                [$square * $column, $square * $row],
                [(float) $dot['cx'], (float) $dot['cy']],
                0.01,
            );
        }
        self::assertCount(4, $svg->xpath('//s:g[@data-crossing]') ?: []);
        self::assertCount(1, $svg->xpath('//s:circle[contains(@class, "paper-end")]') ?: []);
    }

    public function testThePaperGrowsWithWhatIsLaid(): void
    {
        $read = static fn (?DrawnWay $way): \SimpleXMLElement => simplexml_load_string(KnotPaper::of($way, ''))
            ?: self::fail();
        $rows = static fn (?DrawnWay $way): int => (int) $read($way)['data-rows'];

        self::assertSame(20, $rows(null));
        self::assertSame(28, $rows(DrawnWay::sketched('k1 k25')));
        self::assertSame(DrawnWay::ROWS, $rows(DrawnWay::sketched('k1 k30')));
    }
}
