<?php

declare(strict_types=1);

namespace Rinkel\App\Price;

use Brick\Math\BigDecimal;
use Rinkel\App\Board\Paces;
use Rinkel\App\Cutting\ChosenPieces;
use Rinkel\App\Money\Money;
use Rinkel\App\Money\Price;
use Rinkel\App\Settings\Custom;
use Rinkel\App\Settings\Preferences;
use Rinkel\App\Stock\StockBox;
use Rinkel\Core\Cutting\Cutting;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Need;
use Rinkel\Core\Plan\Plan;

/**
 * Works out what pieces cost: materials by what their maker paid for them, time by their own pace and rate.
 */
final class Costing
{
    /** @var array<string, Price|null> by likeness, as far as they were asked for */
    private array $prices = [];

    public function __construct(
        private readonly StockBox $stock,
        private readonly Money $money,
        private readonly Preferences $preferences,
        private readonly Paces $paces,
        private readonly TimesTaken $times,
    ) {}

    public function of(ChosenPieces $chosen, Cutting $cutting): Cost
    {
        $plans = array_map(static fn (array $one): array => [$one[1], $one[2]], $chosen->pieces);
        $new = array_values(array_map(
            static fn (array $one): array => [$one[1], $one[2]],
            array_filter($chosen->pieces, static fn (array $one): bool => true !== $one[3]?->isRepair()),
        ));
        $pace = $this->paces->pace();
        $minutes = 0.0;
        $logged = 0;
        foreach ($chosen->pieces as [$stored, $plan, $times]) {
            $known = $this->times->minutesOf($stored);
            $minutes += $times * ($known ?? array_sum(array_column($pace->chain($plan->acts()), 0)));
            $logged += null === $known ? 0 : $times;
        }
        $saved = BigDecimal::zero();
        foreach ($cutting->sheets as [$cord, , $sheet]) {
            $saved = $saved->plus($this->sum($cord, $sheet->offcuts) ?? 0);
        }
        $rate = $this->preferences->custom(Custom::Rate);

        return new Cost(
            $this->lines($plans, $new),
            $minutes,
            '' === $rate ? null : $this->worth($rate, (int) round($minutes)),
            $this->terms(),
            $saved,
            $chosen->count(),
            $logged,
            $this->money->digits(),
        );
    }

    private function terms(): Terms
    {
        $said = [];
        foreach ([Custom::Factor, Custom::Packing, Custom::Fee, Custom::Lowest, Custom::Steps, Custom::Tax] as $one) {
            $said[$one->value] = $this->preferences->custom($one);
        }

        return Terms::of(['rounding' => $said[Custom::Steps->value]] + $said);
    }

    /**
     * Returns what the materials of one piece cost, as far as prices are known; null where none is.
     */
    public function materials(Plan $plan): ?BigDecimal
    {
        $sums = array_filter(array_column($this->lines([[$plan, 1]], [[$plan, 1]]), 'sum'));

        return [] === $sums ? null : BigDecimal::sum(...$sums);
    }

    /**
     * Returns what so many minutes cost, as money is written there; "" where no rate is set.
     */
    public function ofMinutes(int $minutes): string
    {
        $rate = $this->preferences->custom(Custom::Rate);

        return '' === $rate ? '' : $this->money->said($this->worth($rate, $minutes));
    }

    /**
     * Returns what so much of a cord costs, as money is written there; "" where no such cord with a price is in stock.
     */
    public function ofCord(Cord $cord, Length $length): string
    {
        $sum = $this->sum($cord, $length);

        return null === $sum ? '' : $this->money->said($sum);
    }

    public function rounded(BigDecimal $sum): BigDecimal
    {
        return $this->money->rounded($sum);
    }

    public function sum(Cord|Bead|Finding $what, Length|int $much): ?BigDecimal
    {
        $price = $this->price($what);

        return null === $price ? null : $this->money->rounded($price->of($much));
    }

    /**
     * @param list<array{Plan, int}> $plans each with how many are made of it
     * @param list<array{Plan, int}> $new   of those the ones that take beads and findings
     *
     * @return list<CostLine>
     */
    private function lines(array $plans, array $new): array
    {
        [$cords, $lines] = [[], []];
        foreach ($plans as [$plan, $times]) {
            foreach ($plan->cordTotals() as [$cord, $length]) {
                $before = $cords[$cord->materialKey()][1] ?? Length::zero();
                $cords[$cord->materialKey()] = [$cord, $before->plus($length->times($times))];
            }
        }
        $needs = Need::of($new);
        $this->learn([
            ...array_keys($cords),
            ...array_map(static fn (Need $need): string => $need->what->materialKey(), $needs),
        ]);
        foreach ($cords as [$cord, $length]) {
            $lines[] = $this->line($cord, [], $length);
        }
        foreach ($needs as $need) {
            $lines[] = $this->line($need->what, $need->names, $need->count);
        }

        return $lines;
    }

    /**
     * @param list<string> $names
     */
    private function line(Cord|Bead|Finding $what, array $names, Length|int $much): CostLine
    {
        return new CostLine($what, $names, $much, $this->price($what), $this->sum($what, $much));
    }

    private function worth(string $rate, int $minutes): BigDecimal
    {
        return $this->money->rounded(BigDecimal::of($rate)->multipliedBy($minutes)->toBigRational()->dividedBy(60));
    }

    private function price(Cord|Bead|Finding $what): ?Price
    {
        $this->learn([$what->materialKey()]);

        return $this->prices[$what->materialKey()] ?? null;
    }

    /**
     * Asks for prices that were not asked for yet, all at once.
     *
     * @param list<string> $likenesses
     */
    private function learn(array $likenesses): void
    {
        $unknown = array_values(array_filter(
            $likenesses,
            fn (string $one): bool => !\array_key_exists($one, $this->prices),
        ));
        if ([] === $unknown) {
            return;
        }
        $found = $this->stock->like($unknown);
        foreach ($unknown as $one) {
            $this->prices[$one] = ($found[$one] ?? null)?->price;
        }
    }
}
