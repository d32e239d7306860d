<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Internal;

use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Tests\Core\Examples;

final class WrapMakerTest extends MakerCase
{
    public function testAfterABundleTheLongEndTiesAroundTheShortOne(): void
    {
        $knot = self::element(ElementKind::Knot);

        self::assertGreaterThan(0.0, ($knot->takes['long'] ?? null)?->knots->millimetres ?? 0.0);
        self::assertSame(0.0, ($knot->takes['short'] ?? null)?->knots->millimetres ?? 1.0);
        self::assertEqualsWithDelta($knot->extent->length->millimetres, self::straight($knot, 'short'), 1e-9);
    }

    public function testABundleIsAsLongAsItsLongerSide(): void
    {
        $even = self::element(ElementKind::Beside);
        $uneven = self::element(
            ElementKind::Beside,
            ['pattern' => '(bundle seed seed seed seed / seed, 1 barrel 3) x fit'],
        );

        self::assertCount(6, $even->beside);
        self::assertGreaterThan($even->extent->length->millimetres, $uneven->extent->length->millimetres);
        self::assertSame(self::straight($uneven, 'long'), self::straight($uneven, 'short'), 'both run as far');
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function element(ElementKind $kind, array $changes = []): Element
    {
        foreach (Examples::planOf('bundled-wrap', $changes)->draft->setting->elements as $element) {
            if ($kind === $element->kind) {
                return $element;
            }
        }
        self::fail('There is none.');
    }
}
