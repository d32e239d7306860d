<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Cutting;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Cutting\Demand;
use Rinkel\Core\Cutting\SupplyCuts;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Stock\Supply;

final class SupplyCutsTest extends TestCase
{
    public function testWhatIsCutFromItAddsUp(): void
    {
        $demand = new Demand('a', Length::ofMillimetres(100));
        $cuts = new SupplyCuts(
            Supply::offcut('one', Length::ofMillimetres(500)),
            [[$demand, Length::ofMillimetres(100)], [$demand, Length::ofMillimetres(150)]],
            Length::ofMillimetres(250),
        );

        self::assertSame(250.0, $cuts->sum()->millimetres);
    }
}
