<?php

declare(strict_types=1);

namespace Rinkel\App\Buying;

use Rinkel\App\Money\Money;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\App\Stock\StockBox;
use Rinkel\Core\Cutting\Cutting;
use Rinkel\Core\Cutting\Demand;
use Rinkel\Core\Cutting\SupplyCuts;
use Rinkel\Core\Measure\Length;

/**
 * The cut list and the shopping list as tables for other programs, lengths in mm.
 */
final readonly class Lists
{
    public function __construct(
        private Wording $wording,
        private Money $money,
        private StockBox $stock,
    ) {}

    /**
     * @return list<list<string>> a row for each cut, in the order of cutting
     */
    public function cuts(Cutting $cutting): array
    {
        $rows = [[
            'cord', 'colour', 'from', 'of mm', 'cut mm', 'piece', 'role', 'number', 'fold mm', 'begin mm', 'stock', 'place',
        ]];
        $there = $this->stock->like(array_map(
            static fn (array $sheet): string => $sheet[0]->materialKey(),
            $cutting->sheets,
        ));
        foreach ($cutting->sheets as [$cord, , $sheet]) {
            $what = [$this->wording->material($cord), $cord->colour->hex];
            $stored = ($there[$cord->materialKey()] ?? null)?->stored;
            $where = [$stored?->text('name') ?? '', $stored?->text('place') ?? ''];
            foreach ($sheet->taken as $taken) {
                foreach ($taken->cuts as [$demand, $length]) {
                    $rows[] = [...$what, ...self::from($taken), ...self::cut($demand, $length), ...$where];
                }
            }
            foreach ($sheet->unserved as $demand) {
                $rows[] = [...$what, 'to buy', '', ...self::cut($demand, $demand->wished), ...$where];
            }
        }

        return $rows;
    }

    /**
     * @param array<string, list<Wanted>> $list by supplier
     *
     * @return list<list<string>> a row for each thing to buy
     */
    public function buys(array $list): array
    {
        $rows = [[
            'supplier', 'what', 'name', 'colour', 'much', 'unit', 'longest mm', 'letters', 'costs', 'currency', 'packs', 'pack',
            'for',
        ]];
        foreach ($list as $supplier => $all) {
            foreach ($all as $one) {
                $letters = array_map(
                    static fn (int|string $letter, int $count): string => $letter.$count,
                    array_keys($one->missing->letters),
                    $one->missing->letters,
                );
                $rows[] = [
                    (string) $supplier,
                    $this->wording->material($one->what),
                    $one->row?->stored->text('name') ?: implode(', ', $one->names),
                    property_exists($one->what, 'colour') ? $one->what->colour->hex : '',
                    $one->missing->much instanceof Length
                        ? self::mm($one->missing->much)
                        : (string) $one->missing->much,
                    $one->missing->much instanceof Length ? 'mm' : 'pieces',
                    self::mm($one->missing->longest),
                    implode(' ', $letters),
                    (string) $one->sum,
                    null === $one->sum ? '' : $this->money->currency(),
                    (string) ($one->packs->count ?? ''),
                    null === $one->packs ? '' : $one->row?->price?->pack() ?? '',
                    implode(', ', array_keys($one->for)),
                ];
            }
        }

        return $rows;
    }

    /**
     * @return list<string>
     */
    private static function from(SupplyCuts $taken): array
    {
        return [$taken->supply->isSpool ? 'spool' : 'offcut', self::mm($taken->supply->length)];
    }

    /**
     * @return list<string>
     */
    private static function cut(Demand $demand, Length $length): array
    {
        return [
            self::mm($length),
            $demand->piece,
            $demand->cut->role ?? '',
            (string) $demand->number,
            self::mm(
                $demand->cut->parting->fold ?? (true === $demand->cut?->parting->folded ? $length->times(0.5) : null),
            ),
            self::mm($demand->cut?->parting->begin),
        ];
    }

    private static function mm(?Length $length): string
    {
        return null === $length ? '' : (string) round($length->millimetres, 1);
    }
}
