<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Sizing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Sizing\Girths;
use Rinkel\Core\Sizing\Size;
use Rinkel\Tests\Core\Examples;

final class GirthsTest extends TestCase
{
    public function testUsualOnesAreOfThePlaceAndTheUnit(): void
    {
        $wrists = Girths::usual(BodyPlace::Wrist, Unit::Centimetre)->sizes(Examples::piece());

        self::assertSame(
            [140.0, 150.0, 160.0, 170.0, 180.0, 190.0, 200.0],
            array_map(static fn (Size $size): float => $size->wish->wearing->wearer->girth->millimetres, $wrists),
        );
        $inches = Girths::usual(BodyPlace::Neck, Unit::Inch)->sizes(Examples::piece());
        self::assertEqualsWithDelta(12.5, $inches[0]->wish->wearing->wearer->girth->in(Unit::Inch), 1e-9);
    }

    public function testAnotherGirthForgetsTheHandAndTheLength(): void
    {
        $wish = Girths::of(Examples::piece(['length' => '17 cm']), Length::ofMillimetres(190));

        self::assertNull($wish->wearing->length);
        self::assertNull($wish->wearing->wearer->hand);
    }
}
