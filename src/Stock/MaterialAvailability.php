<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Measure\Length;

/**
 * How one material of a piece stands to the stock.
 */
final readonly class MaterialAvailability
{
    /**
     * @param list<string>    $names   what the piece calls it
     * @param StockRow|null   $row     null where none of it is in the box
     * @param Length|int|null $missing a length of cord, or how many; null where there is enough
     */
    public function __construct(
        public Cord|Bead|Finding $what,
        public array $names,
        public ?StockRow $row,
        public Length|int|null $missing,
    ) {}
}
