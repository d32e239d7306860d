<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Cutting;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Cutting\Parting;
use Rinkel\Core\Measure\Length;

final class PartingTest extends TestCase
{
    public function testACordFoldedAtItsMiddlePartsThere(): void
    {
        $alike = Parting::of(true, Length::ofMillimetres(300), [140.0, 140.4]);
        $unlike = Parting::of(true, Length::ofMillimetres(300), [180.0, 100.0]);

        self::assertSame([150.0, null, null], [$alike->at->millimetres, $alike->fold, $alike->begin]);
        self::assertSame(
            [200.0, 100.0],
            [$unlike->at->millimetres, $unlike->fold?->millimetres],
            'from the shorter tip',
        );
    }

    public function testAStraightOneBeginsWhereItsFirstEndReaches(): void
    {
        $straight = Parting::of(false, Length::ofMillimetres(300), [80.0, 200.0]);

        self::assertSame([80.0, 80.0, null], [
            $straight->at->millimetres, $straight->begin?->millimetres, $straight->fold,
        ]);
        self::assertSame(0.0, Parting::of(false, Length::ofMillimetres(300), [250.0])->at->millimetres);
        self::assertNull(Parting::of(false, Length::ofMillimetres(300), [0.0, 250.0])->begin);
    }
}
