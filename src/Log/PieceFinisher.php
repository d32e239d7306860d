<?php

declare(strict_types=1);

namespace Rinkel\App\Log;

use Rinkel\App\Board\Boards;
use Rinkel\App\Board\StoredBoard;
use Rinkel\App\Kept\AllDerived;
use Rinkel\App\Making\MakingPlans;
use Rinkel\App\Making\Makings;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Money\Money;
use Rinkel\App\People\People;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Platform\Database\ExclusiveTransaction;
use Rinkel\App\Price\Costing;
use Rinkel\App\Stock\StockMovements;
use Rinkel\App\Stock\StoredTaking;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Hand\Observation;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Finished;
use Rinkel\Core\Plan\Plan;

/**
 * Writes a finished piece into the log: what was planned, frozen, what came of it, and what that tells of the hand.
 */
final readonly class PieceFinisher
{
    public function __construct(
        private Pieces $pieces,
        private Log $log,
        private AllDerived $derived,
        private PieceReader $reader,
        private Photos $photos,
        private StockMovements $movements,
        private Boards $boards,
        private Makings $makings,
        private MakingPlans $plans,
        private ExclusiveTransaction $alone,
        private Costing $costing,
        private Money $money,
        private People $people,
    ) {}

    /**
     * Returns the plan by which something is made, and of how many knots it is, of the one kind that makes nearly all
     * of it; null where none does.
     *
     * @return array{Plan, array{string, int}|null}
     *
     * @throws PieceUnreadable
     */
    public function plan(StoredMaking $making): array
    {
        $plan = $this->plans->plan($making);
        $finished = new Finished($this->plans->spec($making), $plan);
        $kind = $finished->kind();

        return [$plan, null === $kind ? null : [$kind, $finished->planned()]];
    }

    /**
     * Lays the piece of an entry on the Table again, as it was when it was finished, or for somebody else or another
     * girth, or with the beads that remain. Somebody else has measures of her own: the hand of whom it was made for
     * says nothing of hers.
     *
     * @param array<string, string> $changed for, girth, and stock.<bead>; what is empty stays
     *
     * @throws PieceUnreadable
     */
    public function again(LogEntry $entry, array $changed = []): StoredPiece
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
        $hers = null === $person ? null : People::measured($person, $place);
        if (null !== $hers) {
            $wearer = [
                'girth' => (string) $hers->girth,
                'measured' => $hers->measured->value,
            ] + (null === $hers->hand ? [] : ['hand' => (string) $hers->hand]) + $wearer;
        }
        $document['wearer'] = (isset($changed['girth']) ? ['girth' => $changed['girth']] : []) + $wearer;

        return isset($changed['for']) ? ['for' => $changed['for']] + $document : $document;
    }

    /**
     * Writes a finished piece into the log, what is left of its cords into the stock, and takes it off its board: all
     * of it or nothing.
     *
     * @param array<string, string> $typed body, tied, minutes, notes, otherwise, left.<role>, stock, whether what is
     *                                     left goes into the stock, and sure, whether what is far off is so
     *
     * @return array<string, non-empty-list<Fault>> what is wrong, by field; then nothing is kept
     *
     * @throws PieceUnreadable
     */
    public function finish(StoredMaking $making, array $typed, SentPhoto $photo = new SentPhoto()): array
    {
        return $this->alone->run(
            fn (): array => $this->written($making, $typed, $photo),
            $making->isKept() ? $making : $making->piece(),
        );
    }

    /**
     * @param array<string, string> $typed
     *
     * @return array<string, non-empty-list<Fault>>
     */
    private function written(StoredMaking $making, array $typed, SentPhoto $photo): array
    {
        // What is cut or lies on a board is made by its own plan, whatever became of its piece since.
        $plan = $this->plans->plan($making);
        $typed = new Typed($typed, $plan, $making->lengths());
        if ($photo->isWrong()) {
            $typed->fault('photo', new Message('photo-unread', ['most' => intdiv(Photos::MOST_PIXELS, 1_000_000)]));
        }
        if ([] !== $typed->faults() || !$typed->isSure()) {
            return $typed->faults() + $typed->doubts();
        }
        $finished = new Finished(
            $this->plans->spec($making),
            $plan,
            $typed->body,
            $typed->tied,
            $typed->means(),
            $making->lengths(),
        );
        $far = $typed->far($finished->far());
        if ([] !== $far) {
            return $far;
        }
        $this->makings->freeze($making);
        $board = $this->boards->ofMaking($making);
        $uid = $this->log->newUid();
        $this->log->add(
            self::document($making, $plan, $finished, $typed) + $this->cost($plan) + self::unmade($board),
            $uid,
        );
        if (null !== $photo->jpeg) {
            $this->photos->keep($uid, $photo->jpeg);
        }
        $came = [];
        foreach ($typed->intoStock ? $plan->cuts : [] as $cut) {
            $came[] = $this->movements->bring($cut->cord, $typed->ends($cut->role), $plan->draft->piece->name);
        }
        $this->makings->made(
            $making,
            $uid,
            array_map(static fn (StoredTaking $one): string => $one->uid, array_values(array_filter($came))),
        );
        $this->derived->changed();
        if (null !== $board) {
            $this->boards->finish($board);
        }

        return [];
    }

    /**
     * Returns what a board says was not made when the piece was finished.
     *
     * @return array{unmade?: array{moves: int, of: int}}
     */
    private static function unmade(?StoredBoard $board): array
    {
        return null === $board || $board->moves() >= $board->total()
            ? []
            : ['unmade' => ['moves' => $board->total() - $board->moves(), 'of' => $board->total()]];
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
     * @return array<string, mixed>
     */
    private static function document(StoredMaking $making, Plan $plan, Finished $finished, Typed $typed): array
    {
        [$cords, $lengths] = [[], $making->lengths()];
        foreach ($plan->cuts as $cut) {
            $left = $typed->means()[$cut->role] ?? null;
            $cords[$cut->role] = ['count' => $cut->count, 'length' => (string) ($lengths[$cut->role] ?? $cut->length)]
                + (null === $left ? [] : ['left' => (string) $left]);
        }
        $piece = $making->document();

        return array_filter([
            'name' => $plan->draft->piece->name,
            'for' => $piece['for'] ?? null,
            'pieceUid' => $making->piece()?->uid(),
            'piece' => $piece,
            'planned' => (string) $plan->draft->body(),
            'body' => $typed->body?->__toString(),
            'kind' => $finished->kind(),
            'knots' => $finished->planned(),
            'tied' => $typed->tied,
            'cords' => $cords,
            'minutes' => $typed->minutes,
            'notes' => $typed->notes,
            'otherwise' => $typed->otherwise,
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
