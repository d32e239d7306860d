<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Price;

use Brick\Math\BigDecimal;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Price\Cost;
use Rinkel\App\Price\CostLine;
use Rinkel\App\Price\Terms;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\BeadShape;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;

final class CostTest extends TestCase
{
    /**
     * Whatever the terms, the parts of a price add up to it, to the coin; and at that price an hour earns what it was
     * reckoned at and what the factor adds.
     */
    public function testThePartsAreThePrice(): void
    {
        foreach ([
            ['factor' => '1'],
            ['factor' => '1.37', 'packing' => '0.6', 'fee' => '6.5', 'rounding' => '0.5', 'tax' => '21'],
            ['factor' => '0.8', 'lowest' => '18'],
            ['factor' => '2.5', 'lowest' => '400', 'tax' => '9'],
        ] as $terms) {
            $cost = self::cost($terms);
            $sum = BigDecimal::zero();
            foreach ($cost->parts() as $part) {
                $sum = $sum->plus($part);
            }
            self::assertTrue($sum->isEqualTo($cost->total()), json_encode($terms).': '.$sum.' is not '.$cost->total());
        }
    }

    public function testAnHourEarnsWhatIsLeftOfAPrice(): void
    {
        // 20.00 less materials of 3.50 leaves 16.50 for 90 minutes: 11.00 an hour.
        self::assertSame('11.00', (string) self::cost([])->hourly(BigDecimal::of('20')));
        // Of 24.20 with 21 % tax 20.00 are hers; 5 % of that are a fee, and 0.60 the packing: 18.40 - 3.50 for 90
        // minutes.
        $cost = self::cost(['tax' => '21', 'fee' => '5', 'packing' => '0.3']);
        self::assertSame('9.93', (string) $cost->hourly(BigDecimal::of('24.20')));
        self::assertSame('-2.33', (string) self::cost([])->hourly(BigDecimal::zero()), 'who gives it away pays for it');
    }

    /**
     * @param array<string, string> $terms
     */
    private static function cost(array $terms): Cost
    {
        $cord = new Cord(Fibre::Polyester, Length::ofMillimetres(1), Colour::parse('#112233'));
        $bead = Bead::of(BeadShape::Round, Colour::parse('#8fb3a8'), Length::ofMillimetres(6));

        return new Cost(
            [
                new CostLine($cord, [], Length::ofMillimetres(2500), null, BigDecimal::of('2.30')),
                new CostLine($bead, ['dot'], 4, null, BigDecimal::of('1.20')),
                new CostLine($bead, ['dash'], 2, null, null),
            ],
            90.0,
            BigDecimal::of('25.50'),
            Terms::of($terms),
            BigDecimal::zero(),
            2,
        );
    }
}
