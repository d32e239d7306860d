<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Svg;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Svg\SizeRows;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Tests\Core\Examples;

final class SizeRowsTest extends TestCase
{
    public function testSizesLieBelowEachOtherOnOneTape(): void
    {
        $plans = [Examples::plan(['wearer.girth' => '15 cm']), Examples::plan(['wearer.girth' => '18 cm'])];
        $svg = SizeRows::paint($plans, ['Small', 'Large'], Unit::Centimetre, 'Sizes');

        self::assertCount(2, self::classed($svg, 'body-span'));
        self::assertCount(1, self::classed($svg, 'tape'));
        self::assertSame(['Small', 'Large'], array_map(strval(...), self::classed($svg, 'size-name')));
        self::assertSame([], self::classed($svg, 'size-grip'));
    }

    public function testWhatIsHeldHasAHandle(): void
    {
        $svg = SizeRows::paint([Examples::plan()], ['One'], Unit::Centimetre, 'Sizes', [Length::ofMillimetres(160)]);
        [$grip] = self::classed($svg, 'size-grip');

        self::assertSame('160', (string) $grip['data-mm']);
    }

    /**
     * @return list<\SimpleXMLElement> what has a class
     */
    private static function classed(string $svg, string $class): array
    {
        $read = simplexml_load_string(str_replace(' xmlns="http://www.w3.org/2000/svg"', '', $svg));
        self::assertInstanceOf(\SimpleXMLElement::class, $read);

        return array_values($read->xpath('//*[contains(concat(" ", @class, " "), " '.$class.' ")]') ?: []);
    }
}
