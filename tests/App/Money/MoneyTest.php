<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Money;

use Rinkel\App\Money\Money;
use Rinkel\App\Money\Price;
use Rinkel\Core\Measure\Unit;
use Rinkel\Tests\App\WebCase;

final class MoneyTest extends WebCase
{
    /**
     * One small bead costs less than any coin, and what it costs is said all the same.
     */
    public function testAPriceBelowACoinIsSaid(): void
    {
        $money = self::getContainer()->get(Money::class);

        self::assertStringContainsString('0.0042', $money->price(Price::parse('0.0042', false), Unit::Centimetre));
        self::assertStringContainsString('0.85', $money->price(Price::parse('0.85', true), Unit::Centimetre));
        self::assertStringContainsString('12.00', $money->price(Price::parse('12 for 50 m', true), Unit::Centimetre));
    }
}
