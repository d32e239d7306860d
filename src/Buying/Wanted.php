<?php

declare(strict_types=1);

namespace Rinkel\App\Buying;

use Brick\Math\BigDecimal;
use Rinkel\App\Stock\StockRow;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Measure\Length;

/**
 * One thing to buy.
 */
final readonly class Wanted
{
    /**
     * @param list<string>       $names   what pieces call it
     * @param Length|int         $much    that is missing: a length of cord, or how many
     * @param array<string, int> $letters of letter beads, which
     * @param Length|null        $longest of cord, in one piece
     * @param StockRow|null      $row     what the stock says of its kind
     * @param BigDecimal|null    $sum     what it costs, null where the stock knows no price
     */
    public function __construct(
        public Cord|Bead|Finding $what,
        public array $names,
        public Length|int $much,
        public array $letters,
        public ?Length $longest,
        public ?StockRow $row,
        public ?BigDecimal $sum,
    ) {}

    public function supplier(): string
    {
        return $this->row?->stored->text('supplier') ?? '';
    }
}
