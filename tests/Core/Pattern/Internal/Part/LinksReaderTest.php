<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Internal\Part;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Exception\PatternUnreadable;
use Rinkel\Core\Pattern\Pattern;

final class LinksReaderTest extends TestCase
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
        yield '12 link chain' => ['12 link chain', '12 link chain'];
        yield '1 link chain x fit' => ['1 link chain x fit', '1 link chain x fit'];
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
        yield '12 link' => ['12 link'];
        yield '0 link chain' => ['0 link chain'];
    }
}
