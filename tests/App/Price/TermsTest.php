<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Price;

use Brick\Math\BigDecimal;
use Brick\Math\BigRational;
use Brick\Math\RoundingMode;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Price\Terms;

final class TermsTest extends TestCase
{
    public function testAPlainPriceIsCostTimesFactor(): void
    {
        self::assertSame(['factor' => '25.00'], self::steps(['factor' => '2.5'], '10', 1));
        self::assertSame(['factor' => '10.00'], self::steps([], '10', 3));
    }

    /**
     * Worked by hand: 8.40 × 2 = 16.80; two boxes of 0.60: 18.00; a tenth goes to the market: 18 ÷ 0.9 = 20.00; no
     * less than 11 each: 22.00; up to a multiple of 2.50: 22.50; 21 % on it: 27.225, 27.23 in cents.
     */
    public function testEachStepIsAsByHand(): void
    {
        self::assertSame([
            'factor' => '16.80', 'packing' => '18.00', 'fee' => '20.00', 'lowest' => '22', 'rounding' => '22.50',
            'tax' => '27.23',
        ], self::steps([
            'factor' => '2', 'packing' => '0.60', 'fee' => '10', 'lowest' => '11', 'rounding' => '2.50', 'tax' => '21',
        ], '8.40', 2));
    }

    public function testWhatIsRoundAlreadyIsNotRounded(): void
    {
        self::assertSame(['factor' => '20.00'], self::steps(['factor' => '2', 'rounding' => '0.50'], '10', 1));
        self::assertSame(['factor' => '20.02', 'rounding' => '20.50'], self::steps(
            ['factor' => '2', 'rounding' => '0.50'],
            '10.01',
            1,
        ));
    }

    /**
     * @param array<string, string> $terms
     *
     * @return array<string, string>
     */
    private static function steps(array $terms, string $cost, int $count): array
    {
        return array_map(strval(...), Terms::of($terms)->steps(
            BigDecimal::of($cost),
            $count,
            static fn (BigRational $sum): BigDecimal => $sum->toScale(2, RoundingMode::HalfUp),
        ));
    }
}
