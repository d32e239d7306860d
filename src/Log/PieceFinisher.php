<?php

declare(strict_types=1);

namespace Rinkel\App\Log;

use Rinkel\App\Board\Boards;
use Rinkel\App\Board\StoredBoard;
use Rinkel\App\Kept\AllDerived;
use Rinkel\App\Money\Money;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Platform\Database\ExclusiveTransaction;
use Rinkel\App\Price\Costing;
use Rinkel\App\Stock\StockMovements;
use Rinkel\Core\Hand\Observation;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Finished;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;

/**
 * Writes a finished piece into the log: what was planned, frozen, what came of it, and what that tells of the hand.
 */
final readonly class PieceFinisher
{
    public function __construct(
        private Pieces $pieces,
        private Planner $planner,
        private Log $log,
        private AllDerived $derived,
        private PieceReader $reader,
        private Photos $photos,
        private StockMovements $movements,
        private Boards $boards,
        private ExclusiveTransaction $alone,
        private Costing $costing,
        private Money $money,
    ) {}

    /**
     * Returns the plan by which a piece is made, and of how many knots it is, of the one kind that makes nearly all of
     * it; null where none does.
     *
     * @return array{Plan, array{string, int}|null}
     *
     * @throws PieceUnreadable
     */
    public function plan(StoredPiece $stored, ?StoredBoard $board): array
    {
        $wish = null === $board ? $this->pieces->piece($stored) : $this->boards->wish($board);
        $plan = $this->planner->plan($wish);
        $finished = new Finished($wish, $plan);
        $kind = $finished->kind();

        return [$plan, null === $kind ? null : [$kind, $finished->planned()]];
    }

    /**
     * Lays the piece of an entry on the Table again, as it was when it was finished, or for another girth, or with the
     * beads that remain.
     *
     * @param array<string, string> $changed girth, and stock.<bead>; what is empty stays
     *
     * @throws PieceUnreadable
     */
    public function again(LogEntry $entry, array $changed = []): StoredPiece
    {
        $document = $entry->is->piece ?? [];
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
     * Writes a finished piece into the log, what is left of its cords into the stock, and takes it off its board: all
     * of it or nothing.
     *
     * @param array<string, string> $typed body, tied, minutes, notes, otherwise, left.<role>, stock, whether what is
     *                                     left goes into the stock, and sure, whether what is far off is so
     * @param StoredBoard|null      $board on which it was made
     *
     * @return array<string, non-empty-list<Fault>> what is wrong, by field; then nothing is kept
     *
     * @throws PieceUnreadable
     */
    public function finish(
        StoredPiece $stored,
        array $typed,
        SentPhoto $photo = new SentPhoto(),
        ?StoredBoard $board = null,
    ): array {
        return $this->alone->run(fn (): array => $this->written($stored, $typed, $photo, $board));
    }

    /**
     * @param array<string, string> $typed
     *
     * @return array<string, non-empty-list<Fault>>
     */
    private function written(StoredPiece $stored, array $typed, SentPhoto $photo, ?StoredBoard $board): array
    {
        // What lies on a board is made by the plan of the board, whatever became of its piece since.
        $wish = null === $board ? $this->pieces->piece($stored) : $this->boards->wish($board);
        $plan = $this->planner->plan($wish);
        $typed = new Typed($typed, $plan);
        if ($photo->isWrong()) {
            $typed->fault('photo', new Message('photo-unread', ['most' => intdiv(Photos::MOST_PIXELS, 1_000_000)]));
        }
        if ([] !== $typed->faults() || !$typed->isSure()) {
            return $typed->faults() + $typed->doubts();
        }
        $uid = $this->log->newUid();
        $finished = new Finished($wish, $plan, $typed->body, $typed->tied, $typed->left);
        $this->log->add(
            self::document($stored, $board?->document() ?? $stored->document(), $plan, $finished, $typed)
                + $this->cost($plan) + $this->unmade($board),
            $uid,
        );
        if (null !== $photo->jpeg) {
            $this->photos->keep($uid, $photo->jpeg);
        }
        $this->derived->changed();
        foreach ($typed->intoStock ? $plan->cuts : [] as $cut) {
            if (isset($typed->left[$cut->role])) {
                $this->movements->bring($cut->cord, $typed->left[$cut->role]);
            }
        }
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
    private function unmade(?StoredBoard $board): array
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
     * @param array<mixed> $piece as it was made
     *
     * @return array<string, mixed>
     */
    private static function document(
        StoredPiece $stored,
        array $piece,
        Plan $plan,
        Finished $finished,
        Typed $typed,
    ): array {
        $cords = [];
        foreach ($plan->cuts as $cut) {
            $cords[$cut->role] = ['count' => $cut->count, 'length' => (string) $cut->length]
                + (isset($typed->left[$cut->role]) ? ['left' => (string) $typed->left[$cut->role]] : []);
        }

        return array_filter([
            'name' => $plan->draft->piece->name,
            'for' => $stored->whom(),
            'pieceUid' => $stored->uid(),
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
