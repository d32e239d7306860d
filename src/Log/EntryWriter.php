<?php

declare(strict_types=1);

namespace Rinkel\App\Log;

use Rinkel\App\Board\StoredBoard;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Money\Money;
use Rinkel\App\Price\Costing;
use Rinkel\App\Workshop\Workshop;
use Rinkel\Core\Hand\Observation;
use Rinkel\Core\Plan\Finished;
use Rinkel\Core\Plan\Plan;

/**
 * Writes an entry of the log: what was planned, frozen, and what came of it.
 */
final readonly class EntryWriter
{
    public function __construct(
        private Log $log,
        private Costing $costing,
        private Money $money,
        private Workshop $workshop,
    ) {}

    /**
     * @return string the entry's own id
     */
    public function write(
        StoredMaking $making,
        Plan $plan,
        Finished $finished,
        TypedFinish $typed,
        ?StoredBoard $board,
    ): string {
        $uid = $this->log->newUid();
        $this->log->add(
            self::document($making, $plan, $finished, $typed) + $this->cost($plan) + self::unmade($board),
            $uid,
            $this->workshop->find($typed->madeBy)?->uid() ?? $this->workshop->myUid(),
        );

        return $uid;
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
    private static function document(StoredMaking $making, Plan $plan, Finished $finished, TypedFinish $typed): array
    {
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
            'cords' => self::cords($making, $plan, $typed),
            'minutes' => $typed->minutes,
            'notes' => $typed->notes,
            'otherwise' => $typed->otherwise,
            'observations' => array_map(self::observed(...), $finished->observations('')),
        ], static fn (mixed $value): bool => null !== $value && '' !== $value && [] !== $value);
    }

    /**
     * @return array<string, array<string, int|string>> how many of each cord, how long, and what was left, by role
     */
    private static function cords(StoredMaking $making, Plan $plan, TypedFinish $typed): array
    {
        [$cords, $lengths] = [[], $making->lengths()];
        foreach ($plan->cuts as $cut) {
            $left = $typed->means()[$cut->role] ?? null;
            $cords[$cut->role] = ['count' => $cut->count, 'length' => (string) ($lengths[$cut->role] ?? $cut->length)]
                + (null === $left ? [] : ['left' => (string) $left]);
        }

        return $cords;
    }

    /**
     * @return array<string, mixed>
     */
    private static function observed(Observation $one): array
    {
        return array_filter([
            'kind' => $one->kind,
            'cord' => $one->cord,
            'pitch' => $one->pitch,
            'pitchError' => $one->pitchError,
            'use' => $one->use,
            'useError' => $one->useError,
            'pushed' => $one->isPushed,
        ], static fn (mixed $value): bool => null !== $value);
    }
}
