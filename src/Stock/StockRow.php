<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

use Rinkel\Core\Cutting\StockCord;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\Fault;

/**
 * One cord in stock as its page shows it.
 */
final readonly class StockRow
{
    /**
     * @param StockCord|null $cord   null when it cannot be read
     * @param Length|null    $low    below which there is little, null where nobody said
     * @param list<Fault>    $faults why it cannot be read
     */
    public function __construct(
        public StoredCord $stored,
        public ?StockCord $cord,
        public ?Length $low,
        public array $faults = [],
    ) {}

    /**
     * Returns how much there is of it in all, null where a spool of unknown length is among it.
     */
    public function total(): ?Length
    {
        $total = Length::zero();
        foreach ($this->cord->supplies ?? [] as $supply) {
            if (null === $supply->length) {
                return null;
            }
            $total = $total->plus($supply->length);
        }

        return $total;
    }

    public function isLow(): bool
    {
        return null !== $this->low && true === $this->total()?->isShorterThan($this->low);
    }
}
