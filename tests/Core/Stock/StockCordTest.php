<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Stock;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Stock\StockCord;
use Rinkel\Core\Stock\Supply;

final class StockCordTest extends TestCase
{
    public function testItIsLowOnceThereIsLess(): void
    {
        $cord = new StockCord('1', new Cord(Fibre::Polyester, Length::ofMillimetres(1), Colour::parse('#112233')), [
            Supply::offcut('a', Length::ofCentimetres(80)), Supply::spool('b', Length::ofCentimetres(300)),
        ], Length::ofCentimetres(400));

        self::assertSame(3800.0, $cord->total()?->millimetres);
        self::assertTrue($cord->isLow());
        self::assertTrue($cord->isOf($cord->cord));
        self::assertFalse((new StockCord('1', $cord->cord, $cord->supplies))->isLow());
    }

    public function testASpoolOfUnknownLengthIsNeverLow(): void
    {
        $cord = new StockCord(
            '1',
            new Cord(Fibre::Polyester, Length::ofMillimetres(1), Colour::parse('#112233')),
            [Supply::spool('b', null)],
            Length::ofCentimetres(400),
        );

        self::assertNull($cord->total());
        self::assertFalse($cord->isLow());
    }
}
