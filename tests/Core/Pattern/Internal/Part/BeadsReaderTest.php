<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Internal\Part;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Exception\PatternUnreadable;
use Rinkel\Core\Pattern\Pattern;

final class BeadsReaderTest extends TestCase
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
        yield '6 bead amber' => ['6 bead amber', '6 bead amber'];
        yield '3  bead  amber 2 sky' => ['3  bead  amber 2 sky', '3 bead amber 2 sky'];
        yield '1 bead amber on left' => ['1 bead amber on left', '1 bead amber on left'];
        yield '2 bead by value amber sky' => ['2 bead by value amber sky', '2 bead by value amber sky'];
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
        yield '6 bead' => ['6 bead'];
        yield '0 bead amber' => ['0 bead amber'];
        yield '1 bead amber on top' => ['1 bead amber on top'];
        yield '1 bead mirror' => ['1 bead mirror'];
    }
}
