<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Kept;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Kept\Rows;
use Rinkel\Core\Piece\Exception\PieceUnreadable;

final class RowsTest extends TestCase
{
    public function testADayHasToBe(): void
    {
        self::assertTrue(Rows::isDay('2028-02-29'));
        self::assertFalse(Rows::isDay('2026-02-29'));
        self::assertFalse(Rows::isDay('2026-13-01'));
        self::assertFalse(Rows::isDay("2026-12-24\n"));
    }

    public function testATimeIsReadToUtc(): void
    {
        self::assertSame(
            '2026-12-24T10:00:00+00:00',
            Rows::time(['at' => '2026-12-24T12:00:00+02:00'], 'at')->format(\DATE_ATOM),
        );
        self::assertNull(Rows::timeOrNone([], 'at'));
    }

    /**
     * @param callable(array<mixed>): mixed $read
     */
    #[DataProvider('wrong')]
    public function testSomethingElseIsSaidAtItsName(mixed $value, callable $read): void
    {
        try {
            $read(['it' => $value]);
            self::fail('It cannot be read.');
        } catch (PieceUnreadable $unreadable) {
            self::assertSame('it', $unreadable->faults[0]->path);
        }
    }

    /**
     * @return iterable<string, array{mixed, callable(array<mixed>): mixed}>
     */
    public static function wrong(): iterable
    {
        $number = static fn (array $row): int => Rows::number($row, 'it', 1, 5);
        yield 'too small a number' => [0, $number];
        yield 'too large a number' => [6, $number];
        yield 'a number as text' => ['3', $number];
        yield 'a long text' => ['abcd', static fn (array $row): string => Rows::text($row, 'it', 3)];
        yield 'a text that ends early' => ["a\0b", static fn (array $row): string => Rows::text($row, 'it', 3)];
        yield 'no UTF-8' => ["\xff", static fn (array $row): string => Rows::text($row, 'it', 3)];
        yield 'rows by name' => [['a' => []], static fn (array $row): array => Rows::list($row, 'it', 3)];
        yield 'too many rows' => [[[], [], []], static fn (array $row): array => Rows::list($row, 'it', 2)];
        yield 'a row that is none' => [['a'], static fn (array $row): array => Rows::list($row, 'it', 2)];
        yield 'no uid' => ['xyz', static fn (array $row): string => Rows::uid($row, name: 'it')];
        yield 'a year long ago' => [
            '1066-10-14T10:00:00+00:00',
            static fn (array $row): mixed => Rows::timeOrNone($row, 'it'),
        ];
    }

    public function testTwoRowsSayTheSameInWhicheverOrder(): void
    {
        self::assertTrue(Rows::equal(['a' => 1, 'b' => ['c' => 2, 'd' => 3]], ['b' => ['d' => 3, 'c' => 2], 'a' => 1]));
        self::assertFalse(Rows::equal(['a' => [1, 2]], ['a' => [2, 1]]), 'the order of a list counts');
        self::assertSame(['b' => 2], Rows::rest(['uid' => 'x', 'a' => 1, 'b' => 2, 3], 'a'));
    }
}
