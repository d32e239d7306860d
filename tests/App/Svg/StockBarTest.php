<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Svg;

use Rinkel\App\Svg\StockBar;
use Rinkel\Core\Cutting\Demand;
use Rinkel\Core\Cutting\SupplyCuts;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Stock\Supply;

final class StockBarTest extends SvgCase
{
    public function testCutsLieInOrderAndTheRestIsSeen(): void
    {
        $demand = new Demand('a', Length::ofMillimetres(100));
        $taken = new SupplyCuts(
            Supply::offcut('one', Length::ofMillimetres(500)),
            [[$demand, Length::ofMillimetres(100)], [$demand, Length::ofMillimetres(150)]],
            Length::ofMillimetres(250),
        );
        $svg = StockBar::paint($taken, 500.0, ['10 cm', '15 cm'], 'Offcut');
        $cuts = self::classed($svg, 'stock-cut');
        [$left] = self::classed($svg, 'stock-left');

        self::assertSame(500.0, StockBar::shown($taken));
        self::assertSame(
            ['0', '200'],
            array_map(static fn (\SimpleXMLElement $cut): string => (string) $cut['x'], $cuts),
        );
        self::assertSame(['500', '500'], [(string) $left['x'], (string) $left['width']]);
        self::assertStringContainsString('15 cm', $svg);
    }

    public function testOfASpoolALittleMoreThanWhatIsCutIsSeen(): void
    {
        $taken = new SupplyCuts(
            Supply::spool('one', Length::ofMillimetres(20_000)),
            [[new Demand('a', Length::ofMillimetres(1000)), Length::ofMillimetres(1000)]],
            Length::ofMillimetres(19_000),
        );

        self::assertSame(1250.0, StockBar::shown($taken));
    }
}
