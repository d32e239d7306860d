<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Construction\Internal\Stock;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Material\FindingKind;

final class StockTest extends TestCase
{
    public function testPlainThingsAreOfTheSizeThatIsAsked(): void
    {
        $use = Stock::cord(Fibre::Polyester, 0.8, '#123456', 3);

        self::assertSame(3, $use->count);
        self::assertSame(0.8, $use->cord->thickness->millimetres);
        self::assertSame(6.0, Stock::round(6, '#123456')->length->millimetres);
        self::assertSame(1.5, Stock::round(6, '#123456', 1.5)->hole->millimetres);
        self::assertSame(4.0, Stock::finding(FindingKind::Ring, 6, 5, 4)->inside->millimetres);
    }
}
