<?php

declare(strict_types=1);

namespace Rinkel\App\Kept;

use Doctrine\DBAL\Connection;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;

/**
 * What all kinds read in the same way of their rows.
 */
final readonly class Rows
{
    public function __construct(private Connection $connection) {}

    /**
     * Returns the uids of a table in the order in which its rows came.
     *
     * @return list<string>
     */
    public function uids(string $table, string $column = 'uid', string $order = 'id'): array
    {
        return array_map(
            static fn (mixed $uid): string => \is_scalar($uid) ? (string) $uid : '',
            $this->connection->fetchFirstColumn("SELECT {$column} FROM {$table} ORDER BY {$order}"),
        );
    }

    /**
     * @param array<mixed> $row
     *
     * @throws PieceUnreadable If it has none
     */
    public static function uid(array $row, string $pattern = '/^[0-9a-f]{32}$/D', string $name = 'uid'): string
    {
        $uid = $row[$name] ?? null;

        return \is_string($uid) && 1 === preg_match($pattern, $uid)
            ? $uid
            : throw PieceUnreadable::at($name, new Message('uid-wanted'));
    }

    /**
     * @param array<mixed> $row
     *
     * @throws PieceUnreadable If there is none
     */
    public static function time(array $row, string $name): \DateTimeImmutable
    {
        return self::timeOrNone($row, $name) ?? throw PieceUnreadable::at($name, new Message('time-wanted'));
    }

    /**
     * @param array<mixed> $row
     *
     * @throws PieceUnreadable If something else stands there
     */
    public static function timeOrNone(array $row, string $name): ?\DateTimeImmutable
    {
        $text = $row[$name] ?? null;
        $time = \is_string($text) && !str_contains($text, "\0")
            ? \DateTimeImmutable::createFromFormat(\DATE_ATOM, $text) : false;
        if (null !== $text && (false === $time || abs((int) $time->format('Y') - 2050) > 100)) {
            throw PieceUnreadable::at($name, new Message('time-wanted'));
        }

        return false === $time ? null : $time->setTimezone(new \DateTimeZone('UTC'));
    }

    /**
     * Returns whether there is such a day of these hundred years: "2026-12-24".
     */
    public static function isDay(string $text): bool
    {
        return 1 === preg_match('/^20\d\d-(\d\d)-(\d\d)$/D', $text, $of)
            && checkdate((int) $of[1], (int) $of[2], (int) substr($text, 0, 4));
    }

    /**
     * @param array<mixed> $row
     *
     * @throws PieceUnreadable If something else stands there
     */
    public static function number(array $row, string $name, int $least, int $most, int $default = 0): int
    {
        $number = $row[$name] ?? $default;

        if (\is_int($number) && $number >= $least && $number <= $most) {
            return $number;
        }
        $found = (string) json_encode($number);
        throw PieceUnreadable::at($name, new Message('number-wanted', compact('least', 'most', 'found')));
    }

    /**
     * @param array<mixed> $row
     *
     * @throws PieceUnreadable If something else than a text stands there, or a longer one
     */
    public static function text(array $row, string $name, int $longest): string
    {
        $text = $row[$name] ?? '';

        // A database that ends texts at a NUL would keep less than was read.
        $isText = \is_string($text) && mb_check_encoding($text, 'UTF-8') && !str_contains($text, "\0");

        return $isText && mb_strlen($text) <= $longest
            ? $text
            : throw PieceUnreadable::at($name, new Message('text-too-long', ['most' => $longest]));
    }

    /**
     * @param array<mixed> $row
     *
     * @return list<array<mixed>>
     *
     * @throws PieceUnreadable If it is no list of rows, or too long
     */
    public static function list(array $row, string $name, int $most): array
    {
        $rows = $row[$name] ?? [];
        if (!\is_array($rows) || !array_is_list($rows) || \count($rows) > $most) {
            throw PieceUnreadable::at($name, new Message('too-many-entries', ['most' => $most]));
        }

        return array_map(static fn (mixed $one): array => \is_array($one)
            ? $one
            : throw PieceUnreadable::at($name, new Message('no-piece')), $rows);
    }

    /**
     * @param array<mixed> $row
     *
     * @return string uid of the member who made it; "" for none
     *
     * @throws PieceUnreadable If something else stands there
     */
    public static function madeBy(array $row): string
    {
        return isset($row['madeBy']) ? self::uid($row, name: 'madeBy') : '';
    }

    /**
     * @return array<string, string> the same as a row says it
     */
    public static function member(string $uid): array
    {
        return '' === $uid ? [] : ['madeBy' => $uid];
    }

    /**
     * Returns a row without its uid and what else stands beside its document.
     *
     * @param array<mixed> $row
     *
     * @return array<string, mixed>
     */
    public static function rest(array $row, string ...$beside): array
    {
        return self::named(array_diff_key($row, ['uid' => 0] + array_flip($beside)));
    }

    /**
     * @param array<mixed> $row
     *
     * @return array<string, mixed> what has a name
     */
    public static function named(array $row): array
    {
        return array_filter($row, is_string(...), \ARRAY_FILTER_USE_KEY);
    }

    /**
     * Returns whether two rows say the same, in whichever order.
     *
     * @param array<mixed> $one
     * @param array<mixed> $other
     */
    public static function equal(array $one, array $other): bool
    {
        return self::sorted($one) === self::sorted($other);
    }

    /**
     * @param array<mixed> $row
     *
     * @return array<mixed>
     */
    private static function sorted(array $row): array
    {
        array_is_list($row) || ksort($row);

        return array_map(static fn (mixed $one): mixed => match (true) {
            \is_array($one) => self::sorted($one),
            $one instanceof \stdClass => self::sorted((array) $one),
            default => $one,
        }, $row);
    }
}
