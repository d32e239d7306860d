<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Svg;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Svg\Svg;

final class SvgTest extends TestCase
{
    public function testTextsAreEscapedAndNumbersRounded(): void
    {
        self::assertSame('<a b="1.23" c="&lt;&quot;"/>', Svg::element('a', ['b' => 1.2345, 'c' => '<"', 'd' => null]));
        self::assertSame('<a><b/></a>', Svg::element('a', [], '<b/>'));
        self::assertSame('0', Svg::number(-0.001));
        self::assertSame('plain', Svg::text('plain'));
        self::assertSame('a &amp; b', Svg::text('a & b'));
    }

    public function testADrawingSaysWhatItShows(): void
    {
        $svg = Svg::drawing([0, -1, 10.5, 2], 'A "line"', 'small', ['data-a' => 'b'], '<path/>');

        self::assertStringContainsString('viewBox="0 -1 10.5 2"', $svg);
        self::assertStringContainsString('aria-label="A &quot;line&quot;"', $svg);
        self::assertStringContainsString('role="img"', $svg);
        self::assertNotFalse(simplexml_load_string($svg));
    }
}
