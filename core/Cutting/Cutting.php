<?php

declare(strict_types=1);

namespace Rinkel\Core\Cutting;

use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Stock\StockCord;

/**
 * All that is cut for some pieces: a sheet for each kind of cord.
 *
 * @internal
 */
final readonly class Cutting
{
    /** An offcut shorter than this is waste, in mm (judgement: it holds no stop knot and no tail). */
    public const WASTE = 150.0;

    /** A maker whose stock runs out accepts to run short once in so many pieces. */
    private const BOLD = 5;

    /**
     * @param list<array{Cord, StockCord|null, CutSheet}> $sheets by kind of cord, and the stock it is cut from
     */
    private function __construct(public array $sheets) {}

    /**
     * @param array<string, array{list<Cut>, Length}> $cuts  of each piece, by what it is called, and the step to which
     *                                                       its cuts are rounded up
     * @param list<StockCord>                         $stock
     * @param array<string, list<string>>             $done  what of each piece was cut before: "working 2"
     */
    public static function of(array $cuts, array $stock, ?Length $waste = null, array $done = []): self
    {
        $cords = [];
        $demands = [];
        foreach ($cuts as $piece => [$all, $step]) {
            foreach ($all as $cut) {
                $key = $cut->cord->materialKey();
                $cords[$key] ??= $cut->cord;
                for ($i = 1; $i <= $cut->count; ++$i) {
                    if (\in_array($cut->role.' '.$i, $done[$piece] ?? [], true)) {
                        continue;
                    }
                    $demands[$key][] = new Demand(
                        $piece.' · '.$cut->role.($cut->count > 1 ? ' '.$i : ''),
                        $cut->length,
                        $cut->atRisk(Risk::oneIn(self::BOLD), $step),
                        $cut,
                        (string) $piece,
                        $i,
                    );
                }
            }
        }
        $cutter = new Cutter($waste ?? Length::ofMillimetres(self::WASTE));
        $sheets = [];
        foreach ($cords as $key => $cord) {
            $from = null;
            foreach ($stock as $one) {
                $from ??= $one->isOf($cord) ? $one : null;
            }
            $sheets[] = [$cord, $from, $cutter->sheet($demands[$key] ?? [], $from->supplies ?? [])];
        }

        // What is in stock comes first: it is cut, the rest is bought.
        usort($sheets, static fn (array $a, array $b): int => (null === $a[1] ? 1 : 0) <=> (null === $b[1] ? 1 : 0));

        return new self($sheets);
    }

    /**
     * Returns how many cords are cut in all.
     */
    public function count(): int
    {
        return array_sum(array_map(static fn (array $sheet): int => \count($sheet[2]->unserved) + array_sum(
            array_map(static fn (SupplyCuts $taken): int => \count($taken->cuts), $sheet[2]->taken),
        ), $this->sheets));
    }

    public function isWhole(): bool
    {
        foreach ($this->sheets as [, , $sheet]) {
            if ([] !== $sheet->unserved) {
                return false;
            }
        }

        return true;
    }
}
