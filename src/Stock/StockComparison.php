<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Need;
use Rinkel\Core\Plan\Plan;

/**
 * Holds a piece against the stock: what of it is there, and what is missing.
 */
final class StockComparison
{
    /** @var \WeakMap<Plan, array<string, MaterialAvailability>> */
    private \WeakMap $known;

    public function __construct(private readonly StockBox $stock)
    {
        $this->known = new \WeakMap();
    }

    /**
     * @return array<string, MaterialAvailability> by likeness; none where the box is empty
     */
    public function of(Plan $plan): array
    {
        return $this->known[$plan] ??= $this->held($plan);
    }

    /**
     * @return list<MaterialAvailability> that run short
     */
    public function missing(Plan $plan): array
    {
        return array_values(array_filter($this->of($plan), static fn (MaterialAvailability $held): bool => null !== $held->missing));
    }

    /**
     * @return array<string, MaterialAvailability>
     */
    private function held(Plan $plan): array
    {
        if ($this->stock->isEmpty()) {
            return [];
        }
        $cords = $plan->cordTotals();
        $needs = Need::of([[$plan, 1]]);
        $rows = $this->stock->like([
            ...array_map(static fn (array $total): string => $total[0]->materialKey(), $cords),
            ...array_map(static fn (Need $need): string => $need->what->materialKey(), $needs),
        ]);
        $held = [];
        foreach ($cords as [$cord, $length]) {
            $row = $rows[$cord->materialKey()] ?? null;
            $there = null === $row?->cord() ? Length::zero() : $row->cord()->total();
            $held[$cord->materialKey()] = new MaterialAvailability(
                $cord,
                [],
                $row,
                true === $there?->isShorterThan($length) ? $length->minus($there) : null,
            );
        }
        foreach ($needs as $need) {
            $row = $rows[$need->what->materialKey()] ?? null;
            $missing = $need->missing($row?->counted());
            $held[$need->what->materialKey()] = new MaterialAvailability(
                $need->what,
                $need->names,
                $row,
                0 === $missing ? null : $missing,
            );
        }

        return $held;
    }
}
