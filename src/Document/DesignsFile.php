<?php

declare(strict_types=1);

namespace Rinkel\App\Document;

use Rinkel\App\Platform\Files\Json;
use Rinkel\Core\Piece\Credit;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Piece\PieceWriter;

/**
 * Designs that a maker passes on (docs/designs.schema.json): pieces without their wearers' names and their maker's
 * hand, each with its author and licence.
 */
final readonly class DesignsFile
{
    public const FORMAT = 'rinkel-designs';
    public const VERSION = 1;

    /** So many go into one file. */
    public const MOST = 60;

    private const LARGEST = 5_000_000;

    /** What belongs to a wearer or to its maker's hand. */
    private const THEIRS = ['for' => 0, 'samples' => 0, 'tension' => 0, 'risk' => 0, 'habits' => 0];

    /** What is another for each who makes it, and no other design. */
    private const WORN = [
        'name' => 0, 'unit' => 0, 'wearer' => 0, 'ease' => 0, 'length' => 0, 'credit' => 0, 'gauge' => 0,
    ];

    public function __construct(
        private PieceWriter $writer = new PieceWriter(),
        private PieceReader $reader = new PieceReader(),
    ) {}

    /**
     * Returns what was typed of whose designs they are.
     *
     * @throws PieceUnreadable If it does not say whose, or what others may do with them
     */
    public function credit(string $by, string $licence, string $says): Credit
    {
        return $this->reader->credit(
            ['by' => $by, 'licence' => $licence] + ('' === trim($says) ? [] : ['says' => $says]),
        );
    }

    /**
     * Returns a piece as a design, in the open format.
     *
     * @return array<string, mixed>
     */
    public function design(PieceSpec $piece): array
    {
        // Whom it is for often comes behind a comma.
        $called = $piece->renamed(trim(explode(',', $piece->name)[0]) ?: $piece->name);

        return $this->anybodys($called);
    }

    /**
     * Returns a piece in the open format without what belongs to its wearer or to its maker's hand.
     *
     * @return array<string, mixed>
     */
    public function anybodys(PieceSpec $piece): array
    {
        return array_diff_key($this->writer->write($piece), self::THEIRS);
    }

    /**
     * @param list<PieceSpec> $pieces
     * @param Credit          $credit for those that are nobody else's already
     *
     * @return array<string, mixed>
     */
    public function write(array $pieces, Credit $credit): array
    {
        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'designs' => array_map(
                fn (PieceSpec $piece): array => $this->design(
                    $piece->creditedTo($credit->marked($this->mark($piece))),
                ),
                $pieces,
            ),
        ];
    }

    /**
     * Returns whether a piece is made otherwise than the design it is credited for; of one that nobody knows any
     * more it is not said.
     */
    public function isChanged(PieceSpec $piece): bool
    {
        $mark = $piece->workmanship->credit->mark ?? '';
        $now = $this->mark($piece);

        return '' !== $mark && $mark !== $now && strtok($mark, '-') === strtok($now, '-');
    }

    /**
     * Returns by what a design is told from others, whoever wears it and whatever they call it.
     */
    private function mark(PieceSpec $piece): string
    {
        $design = array_diff_key($this->writer->write($piece), self::THEIRS + self::WORN);

        return PieceReader::VERSION.'-'.hash('xxh3', (string) json_encode($design));
    }

    /**
     * Returns the pieces in a file, each as JSON of the open format, which is read and checked as any other; null when
     * it is no file of designs.
     *
     * @param string $text of any size, from anywhere
     *
     * @return list<string>|null
     */
    public function pieces(string $text): ?array
    {
        if (\strlen($text) > self::LARGEST || !str_contains($text, self::FORMAT)) {
            return null;
        }
        try {
            $document = Json::read($text, self::LARGEST);
        } catch (\JsonException) {
            return null;
        }
        $designs = $document['designs'] ?? null;
        if (self::FORMAT !== ($document['format'] ?? null) || !\is_array($designs)) {
            return null;
        }

        return array_map(
            static fn (mixed $one): string => (string) json_encode(
                $one,
                \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_PRESERVE_ZERO_FRACTION,
            ),
            array_values($designs),
        );
    }
}
