<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Internal;

use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Tests\Core\Examples;

final class RopeMakerTest extends MakerCase
{
    public function testEachRopeRunsAlongOnceAndThroughTheKnotOnce(): void
    {
        $gap = self::element(ElementKind::Bare);
        $knot = self::element(ElementKind::Knot, ['pattern' => 'gap fit, 1 interlace, gap fit']);

        self::assertEqualsWithDelta($gap->extent->length->millimetres, self::straight($gap, 'rope'), 1e-9);
        self::assertGreaterThan(
            2 * $knot->extent->length->millimetres,
            ($knot->takes['rope'] ?? null)?->knots->millimetres ?? 0.0,
            'it weaves there and back',
        );
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function element(ElementKind $kind, array $changes = []): Element
    {
        foreach (Examples::planOf('rope-knot', $changes)->draft->setting->elements as $element) {
            if ($kind === $element->kind) {
                return $element;
            }
        }
        self::fail('There is none.');
    }
}
