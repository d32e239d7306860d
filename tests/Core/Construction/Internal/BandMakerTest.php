<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Internal;

use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Tests\Core\Examples;

final class BandMakerTest extends MakerCase
{
    public function testTheCoreRunsStraightAndTheWorkingCordTies(): void
    {
        $knot = self::element(ElementKind::Knot);

        self::assertEqualsWithDelta($knot->extent->length->millimetres, self::straight($knot, 'core'), 1e-9);
        self::assertSame(0.0, self::straight($knot, 'working'));
        self::assertGreaterThan(0.0, ($knot->takes['working'] ?? null)?->knots->millimetres ?? 0.0);
    }

    public function testAPairThatRestsLiesAlongTheCore(): void
    {
        [$first] = Examples::planOf('stacked-band')->draft->setting->elements;

        self::assertGreaterThan(0.0, ($first->takes['first'] ?? null)?->knots->millimetres ?? 0.0);
        self::assertEqualsWithDelta($first->extent->length->millimetres, self::straight($first, 'second'), 1e-9);
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function element(ElementKind $kind, array $changes = []): Element
    {
        foreach (Examples::planOf('square-knot-band', $changes)->draft->setting->elements as $element) {
            if ($kind === $element->kind) {
                return $element;
            }
        }
        self::fail('There is none.');
    }
}
