<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Line;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Line\Take;
use Rinkel\Core\Measure\Length;

final class TakeTest extends TestCase
{
    public function testWhatRunsStraightAndWhatIsKnottedAddUp(): void
    {
        $take = Take::straight(Length::ofMillimetres(30))->plus(Take::knots(Length::ofMillimetres(12)));

        self::assertSame([30.0, 12.0, 42.0], [
            $take->straight->millimetres, $take->knots->millimetres, $take->total()->millimetres,
        ]);
        self::assertSame([60.0, 24.0], [$take->times(2)->straight->millimetres, $take->times(2)->knots->millimetres]);
        self::assertSame(12.0, $take->along(Length::zero())->total()->millimetres);
    }

    public function testOnlyWhatKnotsTies(): void
    {
        self::assertFalse(Take::straight(Length::ofMillimetres(30))->ties());
        self::assertTrue(Take::knots(Length::ofMillimetres(1))->ties());
        self::assertFalse(Take::none()->ties());
        self::assertTrue(Take::none()->total()->isZero());
    }
}
