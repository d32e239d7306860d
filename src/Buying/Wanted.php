<?php

declare(strict_types=1);

namespace Rinkel\App\Buying;

use Brick\Math\BigDecimal;
use Rinkel\App\Stock\StockRow;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;

/**
 * One thing to buy.
 */
final readonly class Wanted
{
    /**
     * @param list<string>       $names what pieces call it
     * @param StockRow|null      $row   what the stock says of its kind
     * @param BigDecimal|null    $sum   what it costs, null where the stock knows no price
     * @param Packs|null         $packs in which it is sold, null where it is sold by the metre or one by one
     * @param array<string, int> $for   the pieces that need it, by the name of what is made
     */
    public function __construct(
        public Cord|Bead|Finding $what,
        public array $names,
        public Missing $missing,
        public ?StockRow $row,
        public ?BigDecimal $sum,
        public ?Packs $packs = null,
        public array $for = [],
    ) {}

    /**
     * Returns what comes into the box once it is bought: whole packs where it is sold in those.
     */
    public function bought(): Length|int
    {
        return $this->packs?->all() ?? $this->missing->much;
    }

    /**
     * Returns how long a chain of so many links is: it is sold by its length, not by links. Null of what is no chain.
     */
    public function chain(): ?Length
    {
        return $this->what instanceof Finding && FindingKind::Link === $this->what->kind
            && \is_int($this->missing->much)
            ? $this->what->inside->times($this->missing->much)->plus(
                $this->what->length->minus($this->what->inside),
            ) : null;
    }

    public function supplier(): string
    {
        return $this->row?->stored->text('supplier') ?? '';
    }
}
