<?php

declare(strict_types=1);

namespace Rinkel\App\Buying;

use Brick\Math\BigDecimal;
use Rinkel\App\Cutting\ChosenPieces;
use Rinkel\App\Price\Costing;
use Rinkel\App\Stock\StockBox;
use Rinkel\App\Stock\StockRow;
use Rinkel\Core\Cutting\Cutting;
use Rinkel\Core\Cutting\Demand;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Need;

/**
 * Says what is to be bought for pieces: what the stock does not give, by supplier.
 */
final readonly class Shopping
{
    public function __construct(
        private StockBox $stock,
        private Costing $costing,
    ) {}

    /**
     * @return array<string, non-empty-list<Wanted>> by supplier, those without a known one last, under ""
     */
    public function list(ChosenPieces $chosen, Cutting $cutting): array
    {
        $cords = self::cords($cutting);
        $needs = $chosen->needs();
        $rows = $this->stock->like([
            ...array_map(static fn (array $one): string => $one[0]->materialKey(), $cords),
            ...array_map(static fn (Need $need): string => $need->what->materialKey(), $needs),
        ]);
        $list = [];
        foreach ([...$cords, ...self::things($needs, $rows)] as [$what, $names, $much, $letters, $longest, $demands]) {
            $row = $rows[$what->materialKey()] ?? null;
            $packs = Packs::of($row?->price, $much, $demands);
            $for = [] === $demands ? self::needing($chosen, $what) : self::made($chosen, $demands);
            $sum = null === $packs
                ? $this->costing->sum($what, $much)
                : $this->costing->rounded($row?->price?->ofPacks($packs->count) ?? BigDecimal::zero());
            $one = new Wanted(
                $what,
                $names,
                new Missing(much: $much, letters: $letters, longest: $longest),
                row: $row,
                sum: $sum,
                packs: $packs,
                for: $for,
            );
            $list[$one->supplier()][] = $one;
        }
        uksort(
            $list,
            static fn (int|string $a, int|string $b): int => [
                '' === $a ? 1 : 0,
                mb_strtolower((string) $a),
            ] <=> ['' === $b ? 1 : 0, mb_strtolower((string) $b)],
        );

        return $list;
    }

    /**
     * Returns what no spool and no offcut serves.
     *
     * @return list<array{Cord, list<string>, Length, array<string, int>, Length|null, list<Demand>}>
     */
    private static function cords(Cutting $cutting): array
    {
        $wanted = [];
        foreach ($cutting->sheets as [$cord, , $sheet]) {
            if ([] !== $sheet->unserved) {
                $longest = Length::longest(...array_map(
                    static fn (Demand $demand): Length => $demand->wished,
                    $sheet->unserved,
                ));
                $wanted[] = [$cord, [], $sheet->lacking(), [], $longest, $sheet->unserved];
            }
        }

        return $wanted;
    }

    /**
     * Returns what is not there.
     *
     * @param list<Need>              $needs
     * @param array<string, StockRow> $rows
     *
     * @return list<array{Bead|Finding, list<string>, int, array<string, int>, Length|null, list<Demand>}>
     */
    private static function things(array $needs, array $rows): array
    {
        $wanted = [];
        foreach ($needs as $need) {
            $there = ($rows[$need->what->materialKey()] ?? null)?->counted();
            $missing = $need->missing($there);
            if ($missing > 0) {
                $letters = null === $there ? $need->letters : $there->letters()?->missing($need->letters) ?? [];
                $wanted[] = [$need->what, $need->names, $missing, $letters, null, []];
            }
        }

        return $wanted;
    }

    /**
     * @param list<Wanted> $wanted
     */
    public static function sum(array $wanted): BigDecimal
    {
        $sum = BigDecimal::zero();
        foreach ($wanted as $one) {
            $sum = $sum->plus($one->sum ?? 0);
        }

        return $sum;
    }

    /**
     * @return array<string, int> pieces that take beads or findings of that kind, by the name of what is made
     */
    private static function needing(ChosenPieces $chosen, Cord|Bead|Finding $what): array
    {
        $names = [];
        foreach ($chosen->named() as $name => [$piece, $plan]) {
            foreach (Need::of([[$plan, 1]]) as $need) {
                if ($need->what->materialKey() === $what->materialKey()) {
                    $names[(string) $name] = $piece->id();
                }
            }
        }

        return $names;
    }

    /**
     * @param list<Demand> $demands
     *
     * @return array<string, int> pieces that cords are cut for, by the name of what is made
     */
    private static function made(ChosenPieces $chosen, array $demands): array
    {
        $names = [];
        foreach ($demands as $demand) {
            $piece = $chosen->named()[$demand->piece][0] ?? null;
            $names += null === $piece ? [] : [$demand->piece => $piece->id()];
        }

        return $names;
    }
}
