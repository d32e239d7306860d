<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Svg;

use Rinkel\App\Svg\PriceBar;

final class PriceBarTest extends SvgCase
{
    public function testEachPartLeadsToItsWordsAndIsAsLongAsItsShare(): void
    {
        $svg = PriceBar::paint([
            ['kind' => 'cord', 'name' => 'Cord & more', 'money' => '€3', 'share' => 0.3, 'href' => '#cord'],
            ['kind' => 'time', 'name' => 'Time', 'money' => '€7', 'share' => 0.65, 'href' => '#time'],
            ['kind' => 'fee', 'name' => 'Fee', 'money' => '€0.5', 'share' => 0.05, 'href' => '#fee'],
            ['kind' => 'none', 'name' => 'None', 'money' => '€0', 'share' => 0.0, 'href' => '#none'],
        ], 'Price');
        $parts = self::classed($svg, 'price-part');

        self::assertSame(
            ['0', '300', '950'],
            array_map(static fn (\SimpleXMLElement $part): string => (string) $part['x'], $parts),
        );
        self::assertCount(2, self::classed($svg, 'price-name'), 'a narrow one has no room for words');
        self::assertStringContainsString('Cord &amp; more €3', $svg);
    }
}
