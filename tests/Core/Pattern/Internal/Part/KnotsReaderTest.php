<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Internal\Part;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Exception\PatternUnreadable;
use Rinkel\Core\Pattern\Pattern;

final class KnotsReaderTest extends TestCase
{
    #[DataProvider('provideGood')]
    public function testItIsReadAndSaidAgain(string $text, string $said): void
    {
        $pattern = Pattern::parse($text, Unit::Millimetre);

        self::assertSame($said, (string) $pattern);
        self::assertEquals($said, (string) Pattern::parse($said, Unit::Millimetre), 'and read again');
        self::assertSame([1, 1], [$pattern->parts[0]->place()?->line, $pattern->parts[0]->place()?->column]);
    }

    /**
     * @return iterable<string, array{string, string}>
     */
    public static function provideGood(): iterable
    {
        yield '42 half left' => ['42 half left', '42 half left'];
        yield '1 barrel 4' => ['1 barrel 4', '1 barrel 4'];
        yield '8 square in second' => ['8 square in second', '8 square in second'];
        yield '1 square fill' => ['1 square fill', '1 square fill'];
    }

    #[DataProvider('provideBad')]
    public function testNothingElseIs(string $text): void
    {
        $this->expectException(PatternUnreadable::class);
        Pattern::parse($text, Unit::Millimetre);
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function provideBad(): iterable
    {
        yield '42 half' => ['42 half'];
        yield '0 square' => ['0 square'];
        yield '1 barrel 99' => ['1 barrel 99'];
        yield '8 square in' => ['8 square in'];
        yield '3 nothing' => ['3 nothing'];
    }
}
