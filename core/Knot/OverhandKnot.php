<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot;

use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;

/**
 * An overhand knot tied with one cord or with several together, as the stop at the end of a slider's tail.
 *
 * In diameters w of m cords: 10.1 w m^0.47 of each cord are inside the knot, it is 3.3 w m^0.53 long and 3.1 w m^0.53
 * wide (numerical tightening of ideal tubes, docs/model.md; cords of one bundle differ by ±15 %).
 */
final readonly class OverhandKnot
{
    private const INSIDE = 10.1;
    private const LONG = 3.3;
    private const WIDE = 3.1;

    public function tied(Cord $cord, int $together): TiedKnot
    {
        $size = $cord->round()->times($together ** 0.53);

        return new TiedKnot(
            $size->times(self::LONG * $cord->fibre->lengthFactor()),
            $this->inside($cord, $together)->times($cord->fibre->useFactor()),
            $size->times(self::WIDE),
            $size->times(self::WIDE),
        );
    }

    private function inside(Cord $cord, int $together): Length
    {
        return $cord->round()->times(self::INSIDE * $together ** 0.47);
    }
}
