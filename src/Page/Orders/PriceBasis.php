<?php

declare(strict_types=1);

namespace Rinkel\App\Page\Orders;

use Rinkel\App\Cutting\ChosenPieces;
use Rinkel\App\Money\Money;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\App\Price\Cost;
use Rinkel\App\Price\Costing;
use Rinkel\App\Settings\Preferences;
use Rinkel\Core\Cutting\Cutting;
use Rinkel\Core\Message;

/**
 * How a price comes about today: so it stays with the price that was agreed, whatever materials and hours cost later.
 */
final readonly class PriceBasis
{
    public function __construct(
        private Costing $costing,
        private Wording $wording,
        private Money $money,
        private Preferences $preferences,
    ) {}

    public function cost(ChosenPieces $all): Cost
    {
        return $this->costing->of($all, Cutting::of([], []));
    }

    public function said(ChosenPieces $all): string
    {
        $cost = $this->cost($all);

        return $this->wording->told(new Message('price-basis', [
            'materials' => $this->money->said($cost->materials()),
            'minutes' => (int) round($cost->minutes),
            'time' => null === $cost->time ? '' : $this->money->said($cost->time),
            'rated' => null === $cost->time ? 'no' : 'yes',
            'factor' => (string) $cost->factor(),
            'total' => $this->money->said($cost->total()),
        ]), $this->preferences->unit());
    }
}
