<?php

declare(strict_types=1);

namespace Rinkel\App\Log;

use Rinkel\App\Board\Boards;
use Rinkel\App\Kept\AllDerived;
use Rinkel\App\Making\MakingPlans;
use Rinkel\App\Making\Makings;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Platform\Database\ExclusiveTransaction;
use Rinkel\App\Stock\StockMovements;
use Rinkel\App\Stock\StoredTaking;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Plan\Finished;
use Rinkel\Core\Plan\Plan;

/**
 * Writes a finished piece into the log: what was planned, frozen, what came of it, and what that tells of the hand.
 */
final readonly class PieceFinisher
{
    public function __construct(
        private EntryWriter $entries,
        private AllDerived $derived,
        private Photos $photos,
        private StockMovements $movements,
        private Boards $boards,
        private Makings $makings,
        private MakingPlans $plans,
        private ExclusiveTransaction $alone,
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
        $typed = new TypedFinish($typed, $plan, $making->lengths());
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
        $uid = $this->entries->write($making, $plan, $finished, $typed, $board);
        if (null !== $photo->jpeg) {
            $this->photos->keep($uid, $photo->jpeg);
        }
        $this->makings->made($making, $uid, $this->rest($plan, $typed));
        $this->derived->changed();
        if (null !== $board) {
            $this->boards->finish($board);
        }

        return [];
    }

    /**
     * Puts what is left of a piece's cords into the stock, where its maker wants that.
     *
     * @return list<string> by which it can be taken out again
     */
    private function rest(Plan $plan, TypedFinish $typed): array
    {
        $came = [];
        foreach ($typed->intoStock ? $plan->cuts : [] as $cut) {
            $came[] = $this->movements->bring($cut->cord, $typed->ends($cut->role), $plan->draft->piece->name);
        }

        return array_map(static fn (StoredTaking $one): string => $one->uid, array_values(array_filter($came)));
    }
}
