<?php

declare(strict_types=1);

namespace Rinkel\App\Document;

use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\PieceReader;

/**
 * Reads pieces from files in the open format: JSON of the published shape first, then lengths and ranges.
 */
final readonly class PieceFiles
{
    private const LARGEST = 1_000_000;

    public function __construct(private PieceReader $reader) {}

    /**
     * @throws PieceUnreadable If the file is missing, too large, no JSON or says what cannot be
     */
    public function read(string $file): Piece
    {
        if (!is_file($file) || !is_readable($file)) {
            throw self::unreadable(\sprintf('There is no readable file %s.', $file));
        }

        return $this->parse((string) file_get_contents($file, length: self::LARGEST + 1));
    }

    /**
     * @throws PieceUnreadable If the text is too long, no JSON or says what cannot be
     */
    public function parse(string $json): Piece
    {
        if (\strlen($json) > self::LARGEST) {
            throw self::unreadable('The file is larger than 1 MB; no piece is.');
        }
        try {
            $document = json_decode($json, true, 32, \JSON_THROW_ON_ERROR);
        } catch (\JsonException $exception) {
            throw self::unreadable('This is no JSON: '.$exception->getMessage().'.');
        }

        return \is_array($document) && !array_is_list($document) ? $this->reader->read($document) : throw self::unreadable('This is no piece: it should begin with { and end with }.');
    }

    private static function unreadable(string $sentence): PieceUnreadable
    {
        return PieceUnreadable::because([new Fault('piece', $sentence)]);
    }
}
