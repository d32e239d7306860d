<?php

declare(strict_types=1);

namespace Rinkel\App\Orders;

use Rinkel\App\Kept\Rows;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;

/**
 * Reads what an order says (docs/kept.schema.json): the door at which each field is checked.
 */
final class OrderReader
{
    /** Longest texts, by field. */
    public const TEXTS = ['name' => 200, 'for' => 80, 'contact' => 500, 'note' => 2000, 'packing' => 200, 'basis' => 500];

    /** Sums of money, by field: agreed, paid before, paid in all, and what packing and post cost. */
    public const SUMS = ['price', 'deposit', 'paid', 'post'];

    private const SUM = '/^\d{1,7}(?:\.\d{1,2})?$/D';

    /**
     * @param array<mixed> $row
     *
     * @return array<string, string|bool|array<string, mixed>> as it is kept: what is empty is left out
     *
     * @throws PieceUnreadable If anything cannot be read, at its field
     */
    public static function read(array $row): array
    {
        $read = [];
        foreach (self::TEXTS as $field => $longest) {
            $read[$field] = trim(Rows::text($row, $field, $longest));
        }
        foreach (self::SUMS as $field) {
            $read[$field] = self::sum(Rows::text($row, $field, 20), $field);
        }
        $read['due'] = self::day(Rows::text($row, 'due', 20));
        $read['kit'] = true === ($row['kit'] ?? false);
        $read['answer'] = \is_array($row['answer'] ?? null) ? CustomerAnswer::read($row['answer'])->row() : false;

        return array_filter($read, static fn (string|bool|array $one): bool => '' !== $one && false !== $one);
    }

    private static function sum(string $text, string $field): string
    {
        $text = str_replace([' ', ','], ['', '.'], trim($text));

        return '' === $text || 1 === preg_match(self::SUM, $text)
            ? $text
            : throw PieceUnreadable::at($field, new Message('sum-wanted'));
    }

    private static function day(string $text): string
    {
        $text = trim($text);

        return '' === $text || Rows::isDay($text) ? $text : throw PieceUnreadable::at('due', new Message('day-wanted'));
    }
}
