<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Tests\Core\Examples;

final class RowsMakerTest extends TestCase
{
    public function testInARowTheOuterBeadsLieBesideTheMiddleOne(): void
    {
        $rows = self::element(ElementKind::Rows);

        self::assertCount(3, $rows->beside);
        self::assertGreaterThan(5.0, $rows->extent->length->millimetres, 'a step is longer than its bead');
        self::assertGreaterThan(0.0, ($rows->takes['working'] ?? null)?->knots->millimetres ?? 0.0);
    }

    public function testOfMiddleBeadsThereIsOneMoreThanOfPairsBesideThem(): void
    {
        $beads = Examples::planOf('multi-row')->beads;

        self::assertSame($beads['outer'], 2 * ($beads['middle'] - 1));
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function element(ElementKind $kind, array $changes = []): Element
    {
        foreach (Examples::planOf('multi-row', $changes)->draft->setting->elements as $element) {
            if ($kind === $element->kind) {
                return $element;
            }
        }
        self::fail('There is none.');
    }
}
