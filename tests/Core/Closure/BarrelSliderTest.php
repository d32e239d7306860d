<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Closure;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Plan\Plan;
use Rinkel\Tests\Core\Examples;

final class BarrelSliderTest extends TestCase
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

    /**
     * @param array<string, mixed> $changes
     */
    private static function closed(string $kind, array $changes = []): Plan
    {
        return Examples::plan(['closure.kind' => $kind] + $changes);
    }
}
