<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Money;

use Brick\Math\BigDecimal;
use Brick\Math\RoundingMode;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Money\Price;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Tests\Core\Chance;

final class PriceTest extends TestCase
{
    #[DataProvider('provideTexts')]
    public function testAPriceIsReadAsItWasPaid(
        string $text,
        bool $isCord,
        string $kept,
        float|int $much,
        string $costs,
    ): void {
        $price = Price::parse($text, $isCord);
        self::assertSame($kept, (string) $price);
        self::assertSame($kept, (string) Price::parse($kept, $isCord), 'and back');
        $sum = $price->of(\is_int($much) ? $much : Length::ofMillimetres($much));
        self::assertTrue($sum->isEqualTo($costs), $sum.' instead of '.$costs);
    }

    /**
     * @return iterable<string, array{string, bool, string, float|int, string}>
     */
    public static function provideTexts(): iterable
    {
        yield 'a metre' => ['0.85', true, '0.85', 2235.0, '1.89975'];
        yield 'a decimal comma' => ['0,85', true, '0.85', 1000.0, '0.85'];
        yield 'a spool' => ['12 for 50 m', true, '12 for 50 m', 2500.0, '0.6'];
        yield 'a bare number is in metres' => ['12 / 50', true, '12 for 50 m', 2500.0, '0.6'];
        yield 'by the foot' => ['3 per 10 ft', true, '3 for 10 ft', 3048.0, '3'];
        yield 'in Dutch' => ['4,20 voor 100', false, '4.20 for 100', 7, '0.294'];
        yield 'thirds of a cent' => ['1 for 3', false, '1 for 3', 3, '1'];
        yield 'by the yard' => ['9 for 10 yd', true, '9 for 10 yd', 914.4, '0.9'];
        yield 'by weight' => ['3.80 for 25 g, 8 a gram', false, '3.80 for 25 g, 8 a gram', 100, '1.9'];
        yield 'one' => ['0.0125', false, '0.0125', 80, '1'];
        yield 'a present' => ['0', false, '0', 80, '0'];
    }

    public function testWhatIsNoPriceIsRefused(): void
    {
        foreach (['dear', '-1', '1.2.3', '1 for', '1 for 0', '1 for many', '1 for 5 g', '1 for 0.1 g, 2 a gram', '1e3', '99999999', ''] as $text) {
            foreach ([true, false] as $isCord) {
                try {
                    Price::parse($text, $isCord);
                    self::fail('Read '.$text);
                } catch (PieceUnreadable $unreadable) {
                    self::assertSame('price', $unreadable->faults[0]->path);
                }
            }
        }
    }

    /**
     * Exact where floats are not: against long division with whole numbers, cents in integers.
     */
    public function testSumsAreExactToTheCent(): void
    {
        $chance = new Chance(77);
        for ($i = 0; $i < 500; ++$i) {
            [$cents, $for, $count] = [$chance->whole(1, 99_999), $chance->whole(1, 500), $chance->whole(1, 900)];
            $price = Price::parse(\sprintf('%d.%02d for %d', intdiv($cents, 100), $cents % 100, $for), false);
            $rounded = intdiv(2 * $cents * $count + $for, 2 * $for);
            $sum = $price->of($count)->toScale(2, RoundingMode::HalfUp);
            self::assertSame((string) BigDecimal::ofUnscaledValue($rounded, 2), (string) $sum, $chance.' '.$i);
        }
    }
}
