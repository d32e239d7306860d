<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Buying;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Buying\Packs;
use Rinkel\App\Money\Price;
use Rinkel\Core\Cutting\Demand;
use Rinkel\Core\Measure\Length;

final class PacksTest extends TestCase
{
    public function testBeadsComeInStrands(): void
    {
        $packs = Packs::of(Price::parse('6 for 40', false), 93);
        self::assertSame(3, $packs?->count);
        self::assertSame(120, $packs->all());
        self::assertSame(27, $packs->left(93));
        self::assertSame(1, Packs::of(Price::parse('3.80 for 25 g, 8 a gram', false), 200)?->count);
        self::assertSame(2, Packs::of(Price::parse('3.80 for 25 g, 8 a gram', false), 201)?->count);
        self::assertNull(Packs::of(Price::parse('0.20', false), 93), 'sold one by one');
        self::assertNull(Packs::of(null, 93), 'nobody knows how it is sold');
    }

    /**
     * Of a spool of 10 m one cuts four cords of 2.3 m with the reserve that about ten metres need, no fifth: seven are
     * cut from two, though sixteen metres are less than two spools.
     */
    public function testCordIsCutFromWholeSpools(): void
    {
        $price = Price::parse('4 for 10 m', true);
        $demands = static fn (int $count, float $metres): array => array_map(
            static fn (int $i): Demand => new Demand('cord '.$i, Length::ofMillimetres(1000 * $metres)),
            range(1, $count),
        );
        $much = static fn (int $count, float $metres): Length => Length::ofMillimetres(1000 * $count * $metres);
        self::assertSame(1, Packs::of($price, $much(4, 2.3), $demands(4, 2.3))?->count);
        self::assertSame(2, Packs::of($price, $much(5, 2.3), $demands(5, 2.3))?->count);
        self::assertSame(2, Packs::of($price, $much(8, 2.3), $demands(8, 2.3))?->count);
        self::assertSame(3, Packs::of($price, $much(9, 2.3), $demands(9, 2.3))?->count);
        self::assertNull(Packs::of($price, $much(1, 12.0), $demands(1, 12.0)), 'no spool is as long');
    }
}
