<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Devices;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Devices\Reading;

final class ReadingTest extends TestCase
{
    #[DataProvider('provideLines')]
    public function testALineOfADeviceIsAReading(string $line, ?string $device, string $text): void
    {
        $reading = Reading::of($line);

        self::assertSame($device, $reading?->device);
        self::assertSame($text, $reading?->text() ?? '');
    }

    /**
     * @return iterable<string, array{string, string|null, string}>
     */
    public static function provideLines(): iterable
    {
        yield 'a calliper' => ["calliper 7.94 mm\r\n", 'calliper', '7.94 mm'];
        yield 'with a comma' => ['calliper 7,9mm', 'calliper', '7.9 mm'];
        yield 'a tape' => ['tape 6.25 in', 'tape', '6.25 in'];
        yield 'a scale' => ['scale 12 g', 'scale', '12 g'];
        yield 'a foot' => ['foot', 'foot', ''];
        yield 'a foot that says more' => ['foot 1', null, ''];
        yield 'a scale has no length' => ['scale 12 mm', null, ''];
        yield 'a tape has no weight' => ['tape 12 g', null, ''];
        yield 'a number too long' => ['tape 1234567 mm', null, ''];
        yield 'too exact' => ['tape 1.2345 mm', null, ''];
        yield 'no number' => ['tape mm', null, ''];
        yield 'more than one line' => ["tape 1 mm\ntape 2 mm", null, ''];
    }
}
