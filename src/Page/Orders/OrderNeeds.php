<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Orders;

use Rinkel\App\Buying\Promised;
use Rinkel\App\Buying\Shopping;
use Rinkel\App\Cutting\ChosenPiecesReader;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Settings\Preferences;

/**
 * What is still to be cut for an order, and what has to be bought for that.
 */
final readonly class OrderNeeds
{
    public function __construct(
        private ChosenPiecesReader $choosing,
        private Shopping $shopping,
        private Promised $promised,
        private Preferences $preferences,
    ) {}

    /**
     * @param list<StoredMaking> $makings
     *
     * @return array<string, mixed> by the names of its page
     */
    public function of(array $makings): array
    {
        $waiting = $this->choosing->makings($makings);

        return [
            'waiting' => $waiting,
            'shopping' => [] === $waiting->pieces ? [] : $this->shopping->list(
                $waiting,
                $this->choosing->cutting($waiting),
            ),
            'promised' => $this->promised->all($waiting),
            'unit' => $this->preferences->unit(),
        ];
    }
}
