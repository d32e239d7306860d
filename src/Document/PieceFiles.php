<?php

declare(strict_types=1);

namespace Rinkel\App\Document;

use Rinkel\App\Platform\Files\Json;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceSpec;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;

/**
 * Reads pieces from files in the open format, or with it in them: JSON of the published shape first, then lengths and
 * ranges.
 */
final readonly class PieceFiles
{
    private const LARGEST = 1_000_000;

    /** Of a file that has the piece in it, such as a drawing. */
    private const LARGEST_AROUND = 10_000_000;

    /**
     * @param iterable<PieceSource> $sources kinds of files beside the open format
     */
    public function __construct(
        private PieceReader $reader,
        #[AutowireIterator(PieceSource::class)]
        private iterable $sources,
    ) {}

    /**
     * @throws PieceUnreadable If the file is missing, too large, no JSON or says what cannot be
     */
    public function read(string $file): PieceSpec
    {
        if (!is_file($file) || !is_readable($file)) {
            throw PieceUnreadable::at('piece', new Message('no-file', ['file' => $file]));
        }

        return $this->parse((string) file_get_contents($file, length: self::LARGEST_AROUND + 1));
    }

    /**
     * Returns the piece in a text, the first where there are several.
     *
     * @throws PieceUnreadable If the text is too long, of no known kind or says what cannot be
     */
    public function parse(string $text): PieceSpec
    {
        $source = $this->sourceOf($text);
        if (\strlen($text) > (null === $source ? self::LARGEST : self::LARGEST_AROUND)) {
            throw PieceUnreadable::at('piece', new Message('file-too-large', ['most' => self::LARGEST / 1_000_000]));
        }
        try {
            $document = Json::read(null === $source ? $text : $source->pieces($text)[0] ?? '', self::LARGEST);
        } catch (\JsonException $exception) {
            throw PieceUnreadable::at('piece', new Message('no-json', ['reason' => $exception->getMessage()]));
        }
        // A plan says for which piece it is.
        $document = PlanDocument::FORMAT === ($document['format'] ?? null) ? $document['wish'] ?? null : $document;

        return \is_array($document) && !array_is_list($document) ? $this->reader->read($document) : throw PieceUnreadable::at('piece', new Message('no-piece'));
    }

    /**
     * Returns the pieces in a file that has some in it, each as JSON of the open format; any other text as it is.
     *
     * @return non-empty-list<string>
     */
    public function within(string $text): array
    {
        $source = \strlen($text) > self::LARGEST_AROUND ? null : $this->sourceOf($text);

        return ($source?->pieces($text) ?? []) ?: [$text];
    }

    private function sourceOf(string $text): ?PieceSource
    {
        foreach ($this->sources as $source) {
            if ($source->knows($text)) {
                return $source;
            }
        }

        return null;
    }
}
