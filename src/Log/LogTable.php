<?php

declare(strict_types=1);

namespace Rinkel\App\Log;

use Rinkel\App\Platform\Files\Tables;

/**
 * The log as a table for other programs: a line for each piece, lengths in mm, by RFC 4180.
 */
final readonly class LogTable
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
     * @param list<Entry> $entries
     */
    public function __construct(private array $entries) {}

    public function csv(): string
    {
        return Tables::csv([self::HEAD, ...array_map(self::row(...), $this->entries)]);
    }

    /**
     * @return list<string>
     */
    private static function row(Entry $entry): array
    {
        [$cut, $left, $isMeasured] = [0.0, 0.0, false];
        foreach ($entry->cords as [$count, $length, $rest]) {
            $cut += $count * $length->millimetres;
            $left += $count * ($rest->millimetres ?? 0.0);
            $isMeasured = $isMeasured || null !== $rest;
        }

        return [
            $entry->stored->finishedAt()->format(\DATE_ATOM),
            $entry->name,
            $entry->whom,
            (string) round($entry->planned->millimetres, 1),
            null === $entry->body ? '' : (string) round($entry->body->millimetres, 1),
            (string) $entry->knots,
            (string) $entry->tied,
            (string) round($cut, 1),
            $isMeasured ? (string) round($left, 1) : '',
            (string) $entry->minutes,
            (string) $entry->materials,
            null === $entry->materials ? '' : $entry->currency,
            $entry->notes,
            $entry->otherwise,
        ];
    }
}
