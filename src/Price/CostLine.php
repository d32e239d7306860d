<?php

declare(strict_types=1);

namespace Rinkel\App\Price;

use Brick\Math\BigDecimal;
use Rinkel\App\Money\Price;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Measure\Length;

/**
 * What one material of some pieces costs.
 */
final readonly class CostLine
{
    /**
     * @param list<string>    $names what pieces call it, none of a cord
     * @param Price|null      $price null where the stock knows none
     * @param BigDecimal|null $sum   in whole smallest coins
     */
    public function __construct(
        public Cord|Bead|Finding $what,
        public array $names,
        public Length|int $much,
        public ?Price $price,
        public ?BigDecimal $sum,
    ) {}

    /**
     * Returns of what sort it is: cord, beads or findings.
     */
    public function kind(): string
    {
        return match (true) {
            $this->what instanceof Cord => 'cord',
            $this->what instanceof Bead => 'beads',
            default => 'findings',
        };
    }
}
