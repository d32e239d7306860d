<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Orders;

use Psr\Clock\ClockInterface;
use Rinkel\App\Board\Paces;
use Rinkel\App\Cutting\ChosenPiecesReader;
use Rinkel\App\Making\Makings;
use Rinkel\App\Making\MakingState;
use Rinkel\App\Making\Progress;
use Rinkel\App\Orders\OrderReader;
use Rinkel\App\Orders\StoredOrder;
use Rinkel\App\People\People;
use Rinkel\App\Piece\Pieces;
use Rinkel\Core\Sizing\Series;

/**
 * What there is to see of an order: its things, what is still to be cut and bought for it, and what it comes to.
 */
final readonly class OrderView
{
    public function __construct(
        private Makings $makings,
        private ChosenPiecesReader $choosing,
        private OrderNeeds $needs,
        private Paces $paces,
        private PriceBasis $basis,
        private Pieces $pieces,
        private People $people,
        private ClockInterface $clock,
    ) {}

    /**
     * @return array<string, mixed> by the names of its page
     */
    public function of(StoredOrder $order): array
    {
        $makings = $this->makings->ofOrder($order);
        $all = $this->choosing->all($makings);
        $open = array_filter(
            $all->pieces,
            static fn (array $one): bool => true === $one[3]?->state()->isBefore(MakingState::Made),
        );
        $plans = array_values(array_map(static fn (array $one): array => [$one[1], $one[2]], $open));

        return [
            'order' => $order,
            'sums' => OrderReader::SUMS,
            'makings' => $makings,
            'progress' => Progress::of($makings),
            'series' => [] === $plans ? null : Series::of($plans, $this->paces->pace()),
            'cost' => $this->basis->cost($all),
            'offered' => $this->pieces->onTheTable(OrdersController::OFFERED),
            'whom' => $this->people->names(),
            'now' => $this->clock->now(),
        ] + $this->needs->of($makings);
    }

    /**
     * Returns how its price comes about today, in words.
     */
    public function basis(StoredOrder $order): string
    {
        return $this->basis->said($this->choosing->all($this->makings->ofOrder($order)));
    }
}
