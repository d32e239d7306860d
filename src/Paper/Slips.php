<?php

declare(strict_types=1);

namespace Rinkel\App\Paper;

use Rinkel\App\Platform\Wording\Wording;
use Rinkel\App\Stock\StockBox;
use Rinkel\App\Stock\StockRow;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Plan\Need;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Remark\Check;

/**
 * Writes slips: size, materials by name, care by fibre and finding, and the cautions that go with the piece.
 */
final readonly class Slips
{
    /** Cautions that matter to whoever wears it; the others are those of its making. */
    private const WEARERS = ['small-parts', 'necklace-catches', 'magnets', 'nickel'];

    public function __construct(
        private Words $words,
        private Wording $wording,
        private StockBox $stock,
    ) {}

    public function of(Plan $plan): Slip
    {
        $draft = $plan->draft;
        $unit = $draft->piece->unit;
        $needs = Need::of([[$plan, 1]]);
        $cords = array_column($plan->cordTotals(), 0);
        $rows = $this->stock->like([
            ...array_map(static fn (Cord $cord): string => $cord->materialKey(), $cords),
            ...array_map(static fn (Need $need): string => $need->what->materialKey(), $needs),
        ]);

        return new Slip(
            $draft->piece->name,
            $this->words->of('slip.size', [
                'closed' => $this->words->length($draft->closed(), $unit),
                'open' => $this->words->length($draft->open(), $unit),
                'grows' => $draft->closed()->equals($draft->open()) ? 'no' : 'yes',
                'girth' => $this->words->length($draft->piece->wearer->girth, $unit),
                'place' => $draft->piece->wearer->place->value,
            ]),
            [
                ...array_map(fn (Cord $cord): string => $this->named($cord, $rows, $unit), $cords),
                ...array_map(
                    fn (Need $need): string => $need->count.' × '.$this->named($need->what, $rows, $unit),
                    $needs,
                ),
            ],
            $this->care($cords, $needs),
            array_values(array_map(
                fn (Check $check): string => $this->words->of('slip.'.$check->code, [
                    'known' => 'yes' === ($check->values['known'] ?? '') ? 'yes' : 'no',
                ]),
                array_filter($plan->checks, static fn (Check $one): bool => \in_array($one->code, self::WEARERS, true)),
            )),
        );
    }

    /**
     * @param array<string, StockRow> $rows
     */
    private function named(Cord|Bead|Finding $what, array $rows, Unit $unit): string
    {
        $name = ($rows[$what->materialKey()] ?? null)?->stored->text('name') ?? '';
        $said = $this->wording->material($what, $unit);

        return '' === $name ? $said : $name.' ('.$said.')';
    }

    /**
     * @param list<Cord> $cords
     * @param list<Need> $needs
     *
     * @return list<string> each sentence once
     */
    private function care(array $cords, array $needs): array
    {
        $keys = array_map(static fn (Cord $cord): string => 'care.'.$cord->fibre->value, $cords);
        foreach ($needs as $need) {
            $keys[] = match (true) {
                $need->what instanceof Bead => 'care.beads',
                FindingKind::Magnet === $need->what->kind => 'care.magnet',
                FindingKind::Stone === $need->what->kind => 'care.stone',
                default => 'care.metal',
            };
        }

        return array_values(array_unique(array_map($this->words->of(...), array_unique($keys))));
    }
}
