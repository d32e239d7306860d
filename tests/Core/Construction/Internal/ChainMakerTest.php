<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Internal;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Tests\Core\Examples;

final class ChainMakerTest extends TestCase
{
    /**
     * A lace goes across the opening of a link and over its wire, once in front and once behind: more than twice as
     * long as the chain (common practice).
     */
    public function testALaceTakesMoreThanTwiceTheChain(): void
    {
        $link = self::element(ElementKind::Link);

        self::assertGreaterThan(2.0, self::laced($link, 'lace') / $link->extent->length->millimetres);
    }

    public function testWiderLinksTakeMore(): void
    {
        $wide = self::element(ElementKind::Link, [
            'findings.chain' => ['kind' => 'link', 'length' => '9 mm', 'width' => '11 mm', 'inside' => '7 mm'],
        ]);

        self::assertGreaterThan(self::laced(self::element(ElementKind::Link), 'lace'), self::laced($wide, 'lace'));
    }

    /**
     * @param array<string, mixed> $changes
     */
    private static function element(ElementKind $kind, array $changes = []): Element
    {
        foreach (Examples::planOf('laced-chain', $changes)->draft->setting->elements as $element) {
            if ($kind === $element->kind) {
                return $element;
            }
        }
        self::fail('There is none.');
    }

    private static function laced(Element $element, string $lane): float
    {
        return ($element->takes[$lane] ?? null)?->knots->millimetres ?? 0.0;
    }
}
