<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Log;

use Brick\Math\BigDecimal;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Log\Season;
use Rinkel\Core\Measure\Length;

final class SeasonTest extends TestCase
{
    public function testAWinterBeginsInTheYearBefore(): void
    {
        $winter = new Season(2027, 0, 3, 120, BigDecimal::of('4.20'), Length::zero());
        $summer = new Season(2026, 2, 3, 120, BigDecimal::of('4.20'), Length::zero());

        self::assertSame([2026, 'winter', '27'], [$winter->begins(), $winter->name(), $winter->short()]);
        self::assertSame([2026, 'summer', '26'], [$summer->begins(), $summer->name(), $summer->short()]);
    }
}
