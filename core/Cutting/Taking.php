<?php

declare(strict_types=1);

namespace Rinkel\Core\Cutting;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Stock\StockCord;
use Rinkel\Core\Stock\Supply;

/**
 * What of a cut sheet was cut in fact: which cords, what is left of the stock that they came from, and what is too
 * short to be kept. Together they are as long as the stock was.
 *
 * @internal
 */
final readonly class Taking
{
    /** What a spool holds less than is no cord any more, in mm. */
    private const EMPTY = 1.0;

    /**
     * @param list<array{Demand, Length, Supply}> $cords  each with the length it got, and what it was cut from
     * @param list<Supply>                        $left   of the stock, in its order
     * @param Length                              $wasted what is shorter than is worth keeping, in all
     */
    private function __construct(
        public array $cords,
        public array $left,
        public Length $wasted,
    ) {}

    /**
     * @param callable(Demand, Length, Supply): bool $isCut whether a cord of the sheet was cut
     */
    public static function of(StockCord $stock, CutSheet $sheet, callable $isCut): self
    {
        [$cords, $gone] = [[], []];
        foreach ($sheet->taken as $from) {
            foreach ($from->cuts as [$demand, $length]) {
                if ($isCut($demand, $length, $from->supply)) {
                    $cords[] = [$demand, $length, $from->supply];
                    $gone[$from->supply->id] = ($gone[$from->supply->id] ?? Length::zero())->plus($length);
                }
            }
        }
        [$left, $wasted] = [[], Length::zero()];
        foreach ($stock->supplies as $supply) {
            $rest = $supply->without($gone[$supply->id] ?? null);
            if (!isset($gone[$supply->id]) || true !== $rest->length?->isShorterThan(self::least($supply))) {
                $left[] = $rest;
            } else {
                $wasted = $wasted->plus($rest->length);
            }
        }

        return new self($cords, $left, $wasted);
    }

    private static function least(Supply $supply): Length
    {
        return Length::ofMillimetres($supply->isSpool ? self::EMPTY : Cutting::WASTE);
    }
}
