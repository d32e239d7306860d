<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Stock;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Material\Glue;
use Rinkel\Core\Measure\Wait;
use Rinkel\Core\Stock\StockGlue;

final class StockGlueTest extends TestCase
{
    public function testItIsLowOnceThereIsLess(): void
    {
        $glue = new Glue(Wait::ofMinutes(60), false, []);

        self::assertTrue((new StockGlue('1', $glue, 1, 2))->isLow());
        self::assertFalse((new StockGlue('1', $glue, 2, 2))->isLow());
        self::assertFalse((new StockGlue('1', $glue, null, 2))->isLow());
        self::assertSame($glue->materialKey(), (new StockGlue('1', $glue, 1))->materialKey());
    }
}
