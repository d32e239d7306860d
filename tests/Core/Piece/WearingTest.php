<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Piece;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Fit\Measured;
use Rinkel\Core\Fit\Wearer;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\Wearing;

final class WearingTest extends TestCase
{
    #[TestWith([0])]
    #[TestWith([Wearing::MOST_WRAPS + 1])]
    public function testGoesRoundAsOftenAsAnArmHasRoomFor(int $wraps): void
    {
        self::assertSame(Wearing::MOST_WRAPS, self::of(Wearing::MOST_WRAPS)->wraps);
        $this->expectException(\DomainException::class);
        self::assertSame($wraps, self::of($wraps)->wraps);
    }

    public function testALengthTakesThePlaceOfWhereItHangs(): void
    {
        $long = self::of(2)->ofLength(Length::ofMillimetres(450));

        self::assertSame([450.0, null, 2, 'Ottoline', true], [
            $long->length?->millimetres, $long->drop, $long->wraps, $long->whom, $long->forChild,
        ]);
        self::assertNull($long->withoutLength()->length);
        $any = self::of(1);
        self::assertSame($any, $any->withoutLength());
    }

    public function testSomebodyElseWearsItTheSameWay(): void
    {
        $other = new Wearer(Length::ofMillimetres(180), Measured::Comfortable);
        $by = self::of(3)->by($other)->whom(null);

        self::assertSame([$other, 3, null, 60.0], [$by->wearer, $by->wraps, $by->whom, $by->drop?->millimetres]);
    }

    private static function of(int $wraps): Wearing
    {
        return new Wearing(
            new Wearer(Length::ofMillimetres(160), Measured::Snug),
            Length::ofMillimetres(12),
            $wraps,
            drop: Length::ofMillimetres(60),
            whom: 'Ottoline',
            forChild: true,
        );
    }
}
