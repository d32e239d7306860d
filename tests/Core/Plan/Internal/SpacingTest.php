<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Plan\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Internal\Spacing;
use Rinkel\Tests\Core\Examples;

final class SpacingTest extends TestCase
{
    public function testBareCordIsToldAsCutAndAsMarked(): void
    {
        $draft = Examples::planOf('spaced-knots', [
            'pattern' => '1 barrel 3, gap 20 mm, 1 barrel 3, gap 20 mm, 1 barrel 3, gap fit',
        ])->draft;
        [$figure] = (new Spacing($draft))->figures();
        $knot = $draft->setting->elements[0]->extent->length->millimetres;

        self::assertInstanceOf(Length::class, $figure->value);
        self::assertEqualsWithDelta(20.0, $figure->value->millimetres, 1e-9);
        self::assertSame(2, $figure->steps[0]->values['count'] ?? null);
        $centres = $figure->steps[0]->values['centres'] ?? null;
        self::assertInstanceOf(Length::class, $centres);
        self::assertEqualsWithDelta(20.0 + $knot, $centres->millimetres, 1e-9);
    }

    public function testWhereNoBareCordIsNothingIsSaid(): void
    {
        self::assertSame([], (new Spacing(Examples::plan()->draft))->figures());
    }
}
