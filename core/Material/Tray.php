<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

use Rinkel\Core\Material\Exception\TrayUnweighed;

/**
 * How many beads lie in a tray, by weight: some are counted and weighed, then all.
 *
 * @internal
 */
final readonly class Tray
{
    /** Beads of one kind differ in weight by so much, as a share (judgement). */
    private const BEAD = 0.05;

    /** Nineteen of twenty lie within so many standard deviations. */
    private const WITHIN = 1.96;

    /**
     * @param int $least and $most: between them nineteen of twenty such trays are
     */
    private function __construct(
        public int $count,
        public int $least,
        public int $most,
    ) {}

    /**
     * @param int   $counted how many were weighed by themselves, 1 to 1000
     * @param float $some    what those weigh, in grams
     * @param float $all     what all weigh, those among them, in grams
     * @param float $step    what the scale tells apart, in grams
     *
     * @throws TrayUnweighed If nothing was weighed, or all weigh less than some
     */
    public static function weighed(int $counted, float $some, float $all, float $step = 0.1): self
    {
        if ($counted < 1 || $some <= 0.0 || $all <= 0.0) {
            throw TrayUnweighed::nothing();
        }
        if ($all < $some) {
            throw TrayUnweighed::less($some, $all);
        }
        $count = $all / $some * $counted;
        // A reading is off by up to half a step, evenly: its standard deviation is the step over the root of 12.
        $spread = sqrt(
            self::BEAD ** 2 / $counted + self::BEAD ** 2 / $count
            + $step ** 2 / 12 / $some ** 2 + $step ** 2 / 12 / $all ** 2,
        );

        return new self(
            (int) round($count),
            max($counted, (int) floor($count * (1 - self::WITHIN * $spread))),
            (int) ceil($count * (1 + self::WITHIN * $spread)),
        );
    }
}
