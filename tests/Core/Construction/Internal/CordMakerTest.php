<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Internal;

use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Tests\Core\Examples;

final class CordMakerTest extends MakerCase
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
     * A bead goes on the strand that is said, or else one on each of them.
     */
    public function testABeadIsOnItsStrand(): void
    {
        $on = static fn (string $pattern): array => array_map(
            static fn (Element $element): array => array_keys($element->beside),
            array_values(array_filter(
                Examples::planOf('knotted-strands', [
                    'cords' => ['strand' => ['thickness' => '1 mm', 'count' => 3]],
                    'beads' => ['pearl' => ['diameter' => '4 mm', 'hole' => '2 mm']],
                    'pattern' => $pattern,
                ])->draft->setting->elements,
                static fn (Element $element): bool => [] !== $element->beside,
            )),
        );

        self::assertSame([[0]], $on('1 overhand, 1 bead pearl on strand 1, 1 overhand'));
        self::assertSame([[2]], $on('1 overhand, 1 bead pearl on strand 3, 1 overhand'));
        self::assertSame([[0, 1, 2]], $on('1 overhand, 1 bead pearl, 1 overhand'));
        $this->expectException(PieceUnreadable::class);
        $on('1 overhand, 1 bead pearl on strand 4, 1 overhand');
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
}
