<?php

declare(strict_types=1);

namespace Rinkel\App\Document;

use Rinkel\Core\Piece\PieceReader;

/**
 * The pieces that are attached to a sheet on paper, a PDF of Rinkel's.
 */
final class Attached implements PieceSource
{
    /** So much is unpacked at most, in bytes: no piece is larger. */
    private const LARGEST = 1_000_000;

    public function knows(string $text): bool
    {
        return str_starts_with($text, '%PDF-');
    }

    /**
     * Returns what a piece is called there.
     *
     * @param int $which of several, from 0
     */
    public static function name(int $which = 0): string
    {
        return 0 === $which ? 'piece.json' : 'piece-'.($which + 1).'.json';
    }

    public function pieces(string $text): array
    {
        $pieces = [];
        preg_match_all(
            '~/Type /EmbeddedFile([^>]{0,80})/Length (\d{1,7})[^\n]{0,80} stream\n~',
            $text,
            $files,
            \PREG_SET_ORDER | \PREG_OFFSET_CAPTURE,
        );
        foreach ($files as [$head, $filter, $length]) {
            $stream = substr($text, (int) $head[1] + \strlen($head[0]), (int) $length[0]);
            $json = str_contains($filter[0], '/FlateDecode') ? @gzuncompress($stream, self::LARGEST) : $stream;
            if (false !== $json && str_contains($json, '"'.PieceReader::FORMAT.'"')) {
                $pieces[] = $json;
            }
        }

        return $pieces;
    }
}
