<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Sizing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Sizing\Lengths;
use Rinkel\Core\Sizing\Size;
use Rinkel\Tests\Core\Examples;

final class LengthsTest extends TestCase
{
    public function testUsualOnesAreOfABraceletOrANecklace(): void
    {
        $of = static fn (BodyPlace $place, Unit $unit): array => array_map(
            static fn (Size $size): float => round($size->wish->wearing->length?->in($unit) ?? 0.0, 6),
            Lengths::usual($place, $unit)->sizes(Examples::piece()),
        );

        self::assertSame([16.0, 18.0, 20.0], $of(BodyPlace::Wrist, Unit::Centimetre));
        self::assertSame([16.0, 18.0, 20.0, 24.0], $of(BodyPlace::Neck, Unit::Inch));
    }
}
