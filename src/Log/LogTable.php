<?php

declare(strict_types=1);

namespace Rinkel\App\Log;

use Brick\Math\BigDecimal;
use Rinkel\Core\Piece\FinishedPiece;

/**
 * The log as a table for other programs: a line for each piece, lengths in mm, by RFC 4180.
 */
final class LogTable
{
    private const HEAD = [
        'finished',
        'name',
        'for',
        'planned mm',
        'body mm',
        'knots',
        'tied',
        'cut mm',
        'left mm',
        'minutes',
        'materials',
        'currency',
        'notes',
        'otherwise',
    ];

    /**
     * @param iterable<LogEntry> $entries
     *
     * @return iterable<list<string>> with a head; what cannot be read is left out
     */
    public static function lines(iterable $entries): iterable
    {
        yield self::HEAD;
        foreach ($entries as $entry) {
            if (null !== $entry->is) {
                yield self::row($entry->stored, $entry->is, $entry->materials());
            }
        }
    }

    /**
     * @return list<string>
     */
    private static function row(StoredEntry $stored, FinishedPiece $is, ?BigDecimal $materials): array
    {
        [$cut, $left, $isMeasured] = [0.0, 0.0, false];
        foreach ($is->cords as [$count, $length, $rest]) {
            $cut += $count * $length->millimetres;
            $left += $count * ($rest->millimetres ?? 0.0);
            $isMeasured = $isMeasured || null !== $rest;
        }

        return [
            $stored->finishedAt()->format(\DATE_ATOM),
            $is->name,
            $is->whom,
            (string) round($is->outcome->planned->millimetres, 1),
            null === $is->outcome->body ? '' : (string) round($is->outcome->body->millimetres, 1),
            (string) $is->outcome->knots,
            (string) $is->outcome->tied,
            (string) round($cut, 1),
            $isMeasured ? (string) round($left, 1) : '',
            (string) $is->outcome->minutes,
            (string) $materials,
            $is->cost['currency'] ?? '',
            $is->remarks->notes,
            $is->remarks->otherwise,
        ];
    }
}
