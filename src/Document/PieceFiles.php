<?php

declare(strict_types=1);

namespace Rinkel\App\Document;

use Rinkel\App\Platform\Files\Json;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceSpec;

/**
 * Reads pieces from files in the open format: JSON of the published shape first, then lengths and ranges.
 */
final readonly class PieceFiles
{
    private const LARGEST = 1_000_000;

    /** A drawing has the piece in it. */
    private const LARGEST_DRAWING = 10_000_000;

    public function __construct(private PieceReader $reader) {}

    /**
     * @throws PieceUnreadable If the file is missing, too large, no JSON or says what cannot be
     */
    public function read(string $file): PieceSpec
    {
        if (!is_file($file) || !is_readable($file)) {
            throw PieceUnreadable::at('piece', new Message('no-file', ['file' => $file]));
        }

        return $this->parse((string) file_get_contents($file, length: self::LARGEST_DRAWING + 1));
    }

    /**
     * @throws PieceUnreadable If the text is too long, no JSON or says what cannot be
     */
    public function parse(string $json): PieceSpec
    {
        if (\strlen($json) > (str_starts_with(ltrim($json), '<') ? self::LARGEST_DRAWING : self::LARGEST)) {
            throw PieceUnreadable::at('piece', new Message('file-too-large', ['most' => self::LARGEST / 1_000_000]));
        }
        try {
            $json = str_starts_with(ltrim($json), '<') ? Drawn::piece($json) : $json;
            $document = Json::read($json, self::LARGEST);
        } catch (\JsonException $exception) {
            throw PieceUnreadable::at('piece', new Message('no-json', ['reason' => $exception->getMessage()]));
        }
        // A plan says for which piece it is.
        $document = PlanDocument::FORMAT === ($document['format'] ?? null) ? $document['wish'] ?? null : $document;

        return \is_array($document) && !array_is_list($document) ? $this->reader->read($document) : throw PieceUnreadable::at('piece', new Message('no-piece'));
    }
}
