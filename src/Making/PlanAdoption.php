<?php

declare(strict_types=1);

namespace Rinkel\App\Making;

use Rinkel\App\Platform\Database\ExclusiveTransaction;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Plan;

/**
 * What a piece that was changed means for what is cut of it already: it stays as it was cut, unless its maker wants it
 * as it is now and its cords allow that.
 */
final readonly class PlanAdoption
{
    public function __construct(
        private MakingPlans $plans,
        private PieceReader $reader,
        private ExclusiveTransaction $alone,
    ) {}

    /**
     * Returns what its cords lack for its piece as that is now: of each cord how many there are too few, and how much
     * longer than cut it has to be. Null where the piece is what it was planned from.
     *
     * @return array<string, array{few: int, short: Length|null}>|null
     *
     * @throws PieceUnreadable If the piece cannot be planned
     */
    public function changed(StoredMaking $making): ?array
    {
        $piece = $making->piece();
        $isOpen = $making->isFrozen() && $making->state()->isBefore(MakingState::Made);
        if (!$isOpen || null === $piece || MakingPlans::design($piece) === $making->design()) {
            return null;
        }
        $lacks = [];
        $own = self::own($making, $this->plans->plan($making));
        foreach ($this->then($making)->cuts as $cut) {
            $lack = self::lack($own[$cut->role] ?? [0, null], $cut);
            $lacks += null === $lack ? [] : [$cut->role => $lack];
        }

        return $lacks;
    }

    /**
     * @throws PieceUnreadable If the piece cannot be planned
     */
    public function decide(StoredMaking $making, bool $adopts): void
    {
        $piece = $making->piece();
        if (null === $piece || [] !== ($this->changed($making) ?? []) && $adopts) {
            return;
        }
        $design = MakingPlans::design($piece);
        $fact = $adopts
            ? $this->plans->fact($this->reader->read($piece->document()), $this->plans->planner($making))
            : null;
        $this->alone->run(static function () use ($making, $fact, $design): void {
            null === $fact ? $making->keep($design) : $making->freeze(...[...$fact, $design]);
        }, $making);
    }

    private function then(StoredMaking $making): Plan
    {
        return $this->plans->planner($making)->plan($this->reader->read($making->piece()?->document() ?? []));
    }

    /**
     * Returns what there is of each cord: as it was cut, or as its plan has it where nobody wrote that down.
     *
     * @return array<string, array{int, Length|null}> how many, and how long, by role
     */
    private static function own(StoredMaking $making, Plan $plan): array
    {
        $own = [];
        if ([] === $making->cords() && null !== $making->at(MakingState::OnBoard)) {
            foreach ($plan->cuts as $cut) {
                $own[$cut->role] = [$cut->count, $cut->length];
            }

            return $own;
        }
        foreach ($making->lengths() as $role => $length) {
            $own[$role] = [\count(array_filter(
                $making->isCut(),
                static fn (string $cord): bool => explode(' ', $cord)[0] === $role,
            )), $length];
        }

        return $own;
    }

    /**
     * @param array{int, Length|null} $own
     *
     * @return array{few: int, short: Length|null}|null
     */
    private static function lack(array $own, Cut $cut): ?array
    {
        [$count, $length] = $own;
        $few = max(0, $cut->count - $count);
        $short = true === $length?->isShorterThan($cut->length) ? $cut->length->minus($length) : null;

        return 0 === $few && null === $short ? null : ['few' => $few, 'short' => $short];
    }
}
