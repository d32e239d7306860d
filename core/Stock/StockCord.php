<?php

declare(strict_types=1);

namespace Rinkel\Core\Stock;

use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;

/**
 * One kind of cord in stock: fibre, thickness and colour, with the spools and offcuts that there are of it.
 *
 * @internal
 */
final readonly class StockCord implements Item
{
    /**
     * @param list<Supply> $supplies
     * @param Length|null  $low      with less in all there is little, null where nobody said
     */
    public function __construct(
        public string $id,
        public Cord $cord,
        public array $supplies,
        public ?Length $low = null,
    ) {}

    public function materialKey(): string
    {
        return $this->cord->materialKey();
    }

    public function isOf(Cord $cord): bool
    {
        return $this->materialKey() === $cord->materialKey();
    }

    /**
     * Returns how much there is of it in all, null where a spool of unknown length is among it.
     */
    public function total(): ?Length
    {
        $total = Length::zero();
        foreach ($this->supplies as $supply) {
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
