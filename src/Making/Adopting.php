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
final readonly class Adopting
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
        if (!$making->isFrozen() || null === $piece || MakingPlans::design($piece) === $making->design()) {
            return null;
        }
        $lacks = [];
        foreach ($this->then($making)->cuts as $cut) {
            $lack = self::lack($making, $cut);
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
     * @return array{few: int, short: Length|null}|null
     */
    private static function lack(StoredMaking $making, Cut $cut): ?array
    {
        $own = array_values(array_filter(
            $making->cords(),
            static fn (array $one): bool => explode(' ', $one['cord'])[0] === $cut->role,
        ));
        $shortest = $making->lengths()[$cut->role] ?? null;
        $few = max(0, $cut->count - \count($own));
        $short = true === $shortest?->isShorterThan($cut->length) ? $cut->length->minus($shortest) : null;

        return 0 === $few && null === $short ? null : ['few' => $few, 'short' => $short];
    }
}
