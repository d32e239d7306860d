<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure;

final class BarrelSliderTest extends ClosureCase
{
    public function testABodyWithTwoBarrelsIsShorterThanTheWristByAboutATail(): void
    {
        $draft = self::closed('double-barrel')->draft;
        $laid = $draft->ring->atSkin();

        self::assertEqualsWithDelta(
            ($draft->fastened->span->tail->millimetres ?? 0.0) + ($draft->fastened->span->length->millimetres ?? 0.0),
            $laid->minus($draft->goal)->millimetres,
            2.79 / 2,
            'as the body comes in whole knots',
        );
    }
}
