<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Svg;

use PHPUnit\Framework\TestCase;

abstract class SvgCase extends TestCase
{
    /**
     * @return list<\SimpleXMLElement> what has a class
     */
    protected static function classed(string $svg, string $class): array
    {
        $read = simplexml_load_string(str_replace(' xmlns="http://www.w3.org/2000/svg"', '', $svg));
        self::assertInstanceOf(\SimpleXMLElement::class, $read);

        return array_values($read->xpath('//*[contains(concat(" ", @class, " "), " '.$class.' ")]') ?: []);
    }
}
