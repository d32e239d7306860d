<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Internal;

use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Tests\Core\Examples;

final class NetMakerTest extends MakerCase
{
    public function testANetHangsAndAddsNothingToTheNecklace(): void
    {
        self::assertTrue(self::element(ElementKind::Net)->extent->length->isZero());
        self::assertTrue(self::element(ElementKind::Focal)->extent->length->isZero());
        self::assertGreaterThan(0.0, self::straight(self::element(ElementKind::Net), 'mesh'));
    }

    public function testEachRowTakesTheSameOfEachEnd(): void
    {
        $rows = static fn (int $rows): array => array_values(array_filter(
            Examples::planOf('netted-pouch', [
                'pattern' => 'braid fit, 1 overhand, gap 12 mm, net '.$rows
                    .' every 12 mm, focal lock, gap 12 mm, 1 overhand, braid fit',
            ])->draft->setting->elements,
            static fn (Element $element): bool => ElementKind::Net === $element->kind,
        ));

        self::assertCount(4, $rows(4));
        self::assertCount(7, $rows(7));
        self::assertSame(self::straight($rows(4)[0], 'mesh'), self::straight($rows(7)[6], 'mesh'));
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function element(ElementKind $kind, array $changes = []): Element
    {
        foreach (Examples::planOf('netted-pouch', $changes)->draft->setting->elements as $element) {
            if ($kind === $element->kind) {
                return $element;
            }
        }
        self::fail('There is none.');
    }
}
