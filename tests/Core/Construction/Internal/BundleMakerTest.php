<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Internal;

use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Tests\Core\Examples;

final class BundleMakerTest extends MakerCase
{
    /**
     * In the curve of a ring an outer strand runs on a larger circle than the middle: by 2 π times half the bundle.
     */
    public function testAllStrandsAreCutAsTheOuterOne(): void
    {
        $gap = self::element(ElementKind::Bare);

        self::assertEqualsWithDelta(
            $gap->extent->length->millimetres * (1 + 4.03 / 2 / (59.0 / 1)),
            self::straight($gap, 'sea'),
            $gap->extent->length->millimetres * 0.05,
        );
        self::assertSame(self::straight($gap, 'sea'), self::straight($gap, 'rust'));
        self::assertSame(0.0, self::straight($gap, 'end'), 'the cord that binds is in the bindings alone');
    }

    public function testOneTurnOfABindingGoesAroundTheBundle(): void
    {
        $turn = self::element(ElementKind::Knot);
        $takes = ($turn->takes['end'] ?? null)?->knots->millimetres ?? 0.0;

        self::assertEqualsWithDelta(\M_PI * ($turn->extent->width->millimetres - 1.0), $takes, 0.05);
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function element(ElementKind $kind, array $changes = []): Element
    {
        foreach (Examples::planOf('strand-bundle', $changes)->draft->setting->elements as $element) {
            if ($kind === $element->kind) {
                return $element;
            }
        }
        self::fail('There is none.');
    }
}
