<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Material;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\CordRun;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Material\Lay;
use Rinkel\Core\Material\Stretch;
use Rinkel\Core\Measure\Length;

final class CordUseTest extends TestCase
{
    public function testThereAreTwoCoresAndStrandsWhereNobodySays(): void
    {
        self::assertSame([2, 2, 1, 1], array_map(CordUse::usualCount(...), ['core', 'strand', 'working', 'lace']));
    }

    public function testTheyLieAsIsUsualUntilSomebodySays(): void
    {
        foreach ([1, 2, 4] as $count) {
            self::assertSame(Lay::usual($count), (new CordUse(self::cord(), $count))->lay());
        }
        $other = Lay::Flat === Lay::usual(2) ? Lay::Packed : Lay::Flat;
        self::assertSame($other, (new CordUse(self::cord(), 2, $other))->lay());
    }

    public function testBothSidesTogetherAreTwiceAsMany(): void
    {
        self::assertSame([3, 6], [(new CordUse(self::cord(), 3))->bundle()->count, (new CordUse(self::cord(), 3))->doubled()->count]);
    }

    public function testWhatWasPulledGivesSoMuchAndIsTheSameOtherwise(): void
    {
        $use = new CordUse(self::cord(), 3, Lay::cases()[0], CordRun::cases()[0]);
        $pulled = $use->pulled(Stretch::parse('40 %'));

        self::assertSame($use, $use->pulled(null));
        self::assertEquals($use->cord->pulled(Stretch::parse('40 %')), $pulled->cord);
        self::assertSame([3, Lay::cases()[0], CordRun::cases()[0]], [$pulled->count, $pulled->lay, $pulled->run]);
    }

    private static function cord(): Cord
    {
        return new Cord(Fibre::ElasticBraid, Length::ofMillimetres(0.8), Colour::parse('#aabbcc'));
    }
}
