<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Svg;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Svg\QrCode;

final class QrCodeTest extends TestCase
{
    /**
     * ISO/IEC 18004, from memory: a square of 17 + 4 × version modules with four light ones around it, and in three of
     * its corners the same 7 × 7 mark.
     */
    #[DataProvider('provideTexts')]
    public function testItHasTheMarksAPhoneLooksFor(string $text): void
    {
        $svg = QrCode::of($text, 'Scan me');
        self::assertSame(1, preg_match('/viewBox="0 0 (\d+) (\d+)"/', $svg, $box));
        self::assertSame($box[1], $box[2]);
        $wide = (int) $box[1] - 8;
        self::assertSame(0, ($wide - 17) % 4);
        self::assertGreaterThanOrEqual(21, $wide);

        preg_match_all('/M(\d+) (\d+)h1v1h-1z/', $svg, $dark, \PREG_SET_ORDER);
        $is = [];
        foreach ($dark as $one) {
            $is[(int) $one[2] - 4][(int) $one[1] - 4] = true;
        }
        foreach ([[0, 0], [0, $wide - 7], [$wide - 7, 0]] as [$top, $left]) {
            for ($y = 0; $y < 7; ++$y) {
                for ($x = 0; $x < 7; ++$x) {
                    $ring = max(abs($x - 3), abs($y - 3));
                    self::assertSame(2 !== $ring, isset($is[$top + $y][$left + $x]), $top.' '.$left.': '.$x.' '.$y);
                }
            }
        }
        self::assertArrayNotHasKey($wide, $is, 'none lies outside');
        self::assertStringContainsString('Scan me', $svg);
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function provideTexts(): iterable
    {
        yield 'a short address' => ['http://192.168.0.2:8090/pair'];
        yield 'a long one' => ['http://192.168.0.2:8090/for/'.str_repeat('0a', 24)];
    }
}
