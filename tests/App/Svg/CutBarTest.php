<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Svg;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Svg\CutBar;
use Rinkel\Tests\Core\Examples;

final class CutBarTest extends TestCase
{
    public function testItsPartsFillIt(): void
    {
        foreach (Examples::plan()->cuts as $cut) {
            $parts = self::classed((new CutBar($cut))->paint('Cut'), 'bar-part');

            self::assertCount(\count($cut->parts), $parts);
            self::assertEqualsWithDelta(600.0, array_sum(array_map(
                static fn (\SimpleXMLElement $part): float => (float) $part['width'],
                $parts,
            )), 0.1);
        }
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
