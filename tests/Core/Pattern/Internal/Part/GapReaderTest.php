<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Internal\Part;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Exception\PatternUnreadable;
use Rinkel\Core\Pattern\Pattern;

final class GapReaderTest extends TestCase
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
        yield 'gap 25' => ['gap 25', 'gap 25 mm'];
        yield 'gap fit' => ['gap fit', 'gap fit'];
        yield 'gap 27 mm centres' => ['gap 27 mm centres', 'gap 27 mm centres'];
        yield 'gap 1.5 gauge' => ['gap 1.5 gauge', 'gap 1.5 gauge'];
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
        yield 'gap' => ['gap'];
        yield 'gap wide' => ['gap wide'];
        yield 'gap 0 gauge' => ['gap 0 gauge'];
        yield 'gap 6 m' => ['gap 6 m'];
    }
}
