<?php

declare(strict_types=1);

namespace Rinkel\App\Log;

use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Price\Costing;
use Rinkel\App\Price\Money;
use Rinkel\App\Samples\Samples;
use Rinkel\App\Stock\StockBox;
use Rinkel\Core\Failure;
use Rinkel\Core\Hand\Observation;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Finished;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Quoted;
use Rinkel\Core\Said;

/**
 * Writes a finished piece into the log: what was planned, frozen, what came of it, and what that tells of the hand.
 */
final readonly class Finishing
{
    public function __construct(
        private Pieces $pieces,
        private Planner $planner,
        private Log $log,
        private Samples $samples,
        private PieceReader $reader,
        private Photos $photos,
        private StockBox $stock,
        private Costing $costing,
        private Money $money,
    ) {}

    /**
     * @throws PieceUnreadable
     */
    public function plan(StoredPiece $stored): Plan
    {
        return $this->planner->plan($this->pieces->piece($stored));
    }

    /**
     * Returns of how many knots the piece is, of the one kind that makes nearly all of it; null where none does.
     *
     * @return array{string, int}|null
     */
    public function knots(StoredPiece $stored): ?array
    {
        $finished = new Finished($this->pieces->piece($stored), $this->plan($stored));
        $kind = $finished->kind();

        return null === $kind ? null : [$kind, $finished->planned()];
    }

    /**
     * Lays the piece of an entry on the Table again, as it was when it was finished, or for another girth, or with the
     * beads that remain.
     *
     * @param array<string, string> $changed girth, and stock.<bead>; what is empty stays
     *
     * @throws PieceUnreadable
     */
    public function again(Entry $entry, array $changed = []): StoredPiece
    {
        $document = $entry->stored->document()['piece'] ?? null;
        $document = \is_array($document) ? $document : [];
        foreach (array_filter(
            array_map(trim(...), $changed),
            static fn (string $text): bool => '' !== $text,
        ) as $field => $text) {
            if ('girth' === $field) {
                $wearer = $document['wearer'] ?? null;
                $document['wearer'] = ['girth' => $text] + (\is_array($wearer) ? $wearer : []);
            } elseif (
                \is_array($document['beads'] ?? null) && \is_array($document['beads'][substr($field, 6)] ?? null)
            ) {
                $document['beads'][substr($field, 6)]['stock'] = 1 === preg_match('/^\d{1,6}$/D', $text)
                    ? (int) $text
                    : $text;
            }
        }
        $piece = $this->reader->read($document);

        return $this->pieces->add($piece->renamed($this->pieces->freeName($piece->name)));
    }

    /**
     * @param array<string, string> $typed body, tied, minutes, notes, otherwise, left.<role>, and stock, whether what
     *                                     is left goes into the stock
     * @param string|null           $photo a file that was sent, "" for one that did not arrive
     *
     * @return array<string, non-empty-list<Fault>> what is wrong, by field; then nothing is kept
     *
     * @throws PieceUnreadable
     */
    public function finish(StoredPiece $stored, array $typed, ?string $photo = null): array
    {
        $wish = $this->pieces->piece($stored);
        $plan = $this->planner->plan($wish);
        $faults = [];
        $length = static function (string $field, Length $most) use ($typed, $plan, &$faults): ?Length {
            $text = trim($typed[$field] ?? '');
            if ('' === $text) {
                return null;
            }
            try {
                $read = Length::parse($text, $plan->draft->piece->unit);
            } catch (Failure $failure) {
                $faults[$field] = [new Fault($field, $failure->said())];

                return null;
            }
            if ($read->isLongerThan($most)) {
                $faults[$field] = [new Fault($field, new Said('length-outside', [
                    'given' => $read,
                    'least' => Length::zero(),
                    'most' => $most,
                ]))];
            }

            return $read;
        };
        $number = static function (string $field, int $most) use ($typed, &$faults): ?int {
            $text = trim($typed[$field] ?? '');
            if ('' !== $text && (1 !== preg_match('/^\d{1,6}$/D', $text) || (int) $text > $most || 0 === (int) $text)) {
                $faults[$field] = [new Fault($field, new Said(
                    'number-wanted',
                    ['least' => 1, 'most' => $most, 'found' => new Quoted($text)],
                ))];
            }

            return '' === $text ? null : (int) $text;
        };
        $body = $length('body', $plan->draft->body()->times(3));
        [$tied, $minutes] = [$number('tied', 20_000), $number('minutes', 60_000)];
        $left = [];
        foreach ($plan->cuts as $cut) {
            $rest = $length('left.'.$cut->role, $cut->length);
            if (null !== $rest) {
                $left[$cut->role] = $rest;
            }
        }
        $jpeg = null === $photo || '' === $photo ? null : $this->photos->read($photo);
        if (null !== $photo && null === $jpeg) {
            $faults['photo'] = [new Fault('photo', new Said('photo-unread'))];
        }
        $uid = $this->log->newUid();
        if ([] === $faults && null !== $jpeg && !$this->photos->keep($uid, $jpeg)) {
            $faults['photo'] = [new Fault('photo', new Said('photo-not-kept'))];
        }
        if ([] === $faults) {
            $finished = new Finished($wish, $plan, $body, $tied, $left);
            $this->log->add(
                self::document($stored, $plan, $finished, $body, $tied, $minutes, $left, $typed) + $this->cost($plan),
                $uid,
            );
            $this->samples->changed();
            foreach ('1' === ($typed['stock'] ?? '') ? $plan->cuts : [] as $cut) {
                if (isset($left[$cut->role])) {
                    $this->stock->bring($cut->cord, $left[$cut->role]);
                }
            }
        }

        return $faults;
    }

    /**
     * Returns what the materials cost by the prices of the day, as far as the stock knows them.
     *
     * @return array{cost?: array{materials: string, currency: string}}
     */
    private function cost(Plan $plan): array
    {
        $sum = $this->costing->materials($plan);

        return null === $sum ? [] : ['cost' => ['materials' => (string) $sum, 'currency' => $this->money->currency()]];
    }

    /**
     * @param array<string, Length> $left
     * @param array<string, string> $typed
     *
     * @return array<string, mixed>
     */
    private static function document(
        StoredPiece $stored,
        Plan $plan,
        Finished $finished,
        ?Length $body,
        ?int $tied,
        ?int $minutes,
        array $left,
        array $typed,
    ): array {
        $cords = [];
        foreach ($plan->cuts as $cut) {
            $cords[$cut->role] = ['count' => $cut->count, 'length' => (string) $cut->length]
                + (isset($left[$cut->role]) ? ['left' => (string) $left[$cut->role]] : []);
        }

        return array_filter([
            'name' => $plan->draft->piece->name,
            'for' => $stored->whom(),
            'pieceUid' => $stored->uid(),
            'piece' => $stored->document(),
            'planned' => (string) $plan->draft->body(),
            'body' => $body?->__toString(),
            'kind' => $finished->kind(),
            'knots' => $finished->planned(),
            'tied' => $tied,
            'cords' => $cords,
            'minutes' => $minutes,
            'notes' => trim($typed['notes'] ?? ''),
            'otherwise' => trim($typed['otherwise'] ?? ''),
            'observations' => array_map(static fn (Observation $one): array => array_filter([
                'kind' => $one->kind,
                'cord' => $one->cord,
                'pitch' => $one->pitch,
                'pitchError' => $one->pitchError,
                'use' => $one->use,
                'useError' => $one->useError,
                'pushed' => $one->isPushed,
            ], static fn (mixed $value): bool => null !== $value), $finished->observations('')),
        ], static fn (mixed $value): bool => null !== $value && '' !== $value && [] !== $value);
    }
}
