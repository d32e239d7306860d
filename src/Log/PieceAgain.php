<?php

declare(strict_types=1);

namespace Rinkel\App\Log;

use Rinkel\App\People\People;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Finished;

/**
 * A finished piece made again: as it was, or for somebody else.
 */
final readonly class PieceAgain
{
    public function __construct(
        private Pieces $pieces,
        private PieceReader $reader,
        private People $people,
    ) {}

    /**
     * Lays the piece of an entry on the Table again, as it was when it was finished, or for somebody else or another
     * girth, or with the beads that remain. Somebody else has measures of their own: the hand of whom it was made for
     * says nothing of theirs.
     *
     * @param array<string, string> $changed for, girth, and stock.<bead>; what is empty stays
     *
     * @throws PieceUnreadable
     */
    public function of(LogEntry $entry, array $changed = []): StoredPiece
    {
        $document = $entry->is->piece ?? [];
        $changed = array_filter(array_map(trim(...), $changed), static fn (string $text): bool => '' !== $text);
        if (isset($changed['for']) || isset($changed['girth'])) {
            $document = $this->forAnother($document, $changed);
        }
        foreach ($changed as $field => $text) {
            $bead = str_starts_with($field, 'stock.') ? substr($field, 6) : '';
            if (\is_array($document['beads'] ?? null) && \is_array($document['beads'][$bead] ?? null)) {
                $document['beads'][$bead]['stock'] = 1 === preg_match('/^\d{1,6}$/D', $text) ? (int) $text : $text;
            }
        }
        $piece = $this->reader->read($document);

        return $this->pieces->add($piece->renamed($this->pieces->freeName($piece->name)));
    }

    /**
     * @param array<mixed>          $document
     * @param array<string, string> $changed
     *
     * @return array<mixed>
     */
    private function forAnother(array $document, array $changed): array
    {
        $wearer = \is_array($document['wearer'] ?? null) ? $document['wearer'] : [];
        unset($wearer['hand'], $wearer['upper'], $wearer['upperAt']);
        $person = $this->people->named($changed['for'] ?? '');
        $place = BodyPlace::tryFrom(\is_string($wearer['place'] ?? null) ? $wearer['place'] : '') ?? BodyPlace::Wrist;
        $theirs = null === $person ? null : People::measured($person, $place);
        if (null !== $theirs) {
            $wearer = [
                'girth' => (string) $theirs->girth,
                'measured' => $theirs->measured->value,
            ] + (null === $theirs->hand ? [] : ['hand' => (string) $theirs->hand]) + $wearer;
        }
        $document['wearer'] = (isset($changed['girth']) ? ['girth' => $changed['girth']] : []) + $wearer;

        return isset($changed['for']) ? ['for' => $changed['for']] + $document : $document;
    }
}
