<?php

declare(strict_types=1);

namespace Rinkel\Core\Stock;

use Rinkel\Core\Material\Glue;

/**
 * A glue in stock: how many tubes or bottles of it there are.
 *
 * @internal
 */
final readonly class StockGlue implements Item
{
    /**
     * @param int|null $count null where nobody counted
     * @param int|null $low   with fewer there are few, null where nobody said
     */
    public function __construct(
        public string $id,
        public Glue $glue,
        public ?int $count,
        public ?int $low = null,
    ) {}

    public function materialKey(): string
    {
        return $this->glue->materialKey();
    }

    public function isLow(): bool
    {
        return null !== $this->low && null !== $this->count && $this->count < $this->low;
    }
}
