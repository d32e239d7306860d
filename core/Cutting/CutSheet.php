<?php

declare(strict_types=1);

namespace Rinkel\Core\Cutting;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Stock\Supply;

/**
 * Which cords are cut from which pieces of stock.
 *
 * @internal
 */
final readonly class CutSheet
{
    /**
     * @param list<SupplyCuts> $taken    offcuts before spools; only those from which something is cut
     * @param list<Demand>     $unserved what no stock gives
     * @param Length           $offcuts  what offcuts give in all
     * @param Length           $most     more than what no way gets out of them; the same where that is proven
     * @param Length           $waste    an offcut shorter than this is waste
     * @param list<Supply>     $whole    from which nothing is cut
     */
    public function __construct(
        public array $taken,
        public array $unserved,
        public Length $offcuts,
        public Length $most,
        private Length $waste,
        public array $whole = [],
    ) {}

    /**
     * Returns what is cut from spools.
     */
    public function fresh(): Length
    {
        return Length::sum(...array_map(
            static fn (SupplyCuts $taken): Length => $taken->supply->isSpool ? $taken->sum() : Length::zero(),
            $this->taken,
        ));
    }

    public function isProven(): bool
    {
        return $this->offcuts->equals($this->most);
    }

    /**
     * Returns what remains of offcuts that is worth keeping.
     *
     * @return list<Length>
     */
    public function kept(): array
    {
        return $this->remains(fn (Length $left): bool => !$left->isShorterThan($this->waste));
    }

    public function wasted(): Length
    {
        return Length::sum(...$this->remains(fn (Length $left): bool => $left->isShorterThan($this->waste)));
    }

    /**
     * Returns how much there is to buy, with what nobody counts on of a spool.
     */
    public function lacking(): Length
    {
        return Supply::giving(Length::sum(...array_map(
            static fn (Demand $demand): Length => $demand->wished,
            $this->unserved,
        )));
    }

    /**
     * @param callable(Length): bool $which
     *
     * @return list<Length>
     */
    private function remains(callable $which): array
    {
        $remains = [];
        foreach ($this->taken as $taken) {
            if (!$taken->supply->isSpool && null !== $taken->left && $which($taken->left)) {
                $remains[] = $taken->left;
            }
        }

        return $remains;
    }
}
