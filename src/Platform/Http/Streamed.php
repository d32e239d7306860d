<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Http;

use Rinkel\App\Platform\Files\Tables;
use Symfony\Component\HttpFoundation\StreamedResponse;

/**
 * Files to save that are sent while they are made, so that their size does not matter.
 */
final class Streamed
{
    /**
     * @param iterable<string> $parts
     */
    public static function json(string $name, iterable $parts): StreamedResponse
    {
        return self::of($name, 'application/json', $parts);
    }

    /**
     * @param iterable<list<string>> $rows
     */
    public static function csv(string $name, iterable $rows): StreamedResponse
    {
        return self::of($name, 'text/csv; charset=utf-8', (static function () use ($rows): iterable {
            foreach ($rows as $row) {
                yield Tables::csv([$row]);
            }
        })());
    }

    /**
     * @param iterable<string> $parts
     */
    private static function of(string $name, string $type, iterable $parts): StreamedResponse
    {
        return new StreamedResponse(static function () use ($parts): void {
            foreach ($parts as $part) {
                echo $part;
            }
        }, headers: ['Content-Type' => $type, 'Content-Disposition' => 'attachment; filename="'.$name.'"']);
    }
}
