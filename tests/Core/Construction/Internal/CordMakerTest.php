<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Tests\Core\Examples;

final class CordMakerTest extends TestCase
{
    public function testAKnotTakesOfTheCordAndBareCordIsAsLongAsItIs(): void
    {
        $gap = self::element(ElementKind::Bare);
        $knot = self::element(ElementKind::Knot);

        self::assertEqualsWithDelta($gap->extent->length->millimetres, self::straight($gap, 'cord'), 1e-9);
        self::assertGreaterThan(
            $knot->extent->length->millimetres,
            ($knot->takes['cord'] ?? null)?->knots->millimetres ?? 0.0,
        );
    }

    public function testOfKnotsOnlyThoseOfACordInItselfAreTied(): void
    {
        $this->expectException(PieceUnreadable::class);
        Examples::planOf('spaced-knots', ['pattern' => '5 square']);
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function element(ElementKind $kind, array $changes = []): Element
    {
        foreach (Examples::planOf('spaced-knots', $changes)->draft->setting->elements as $element) {
            if ($kind === $element->kind) {
                return $element;
            }
        }
        self::fail('There is none.');
    }

    private static function straight(Element $element, string $lane): float
    {
        return ($element->takes[$lane] ?? null)?->straight->millimetres ?? 0.0;
    }
}
