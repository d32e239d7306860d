<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot;

use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;

/**
 * An overhand knot tied with one cord or with several together, as the stop at the end of a slider's tail.
 *
 * In diameters w of m cords: each cord gives up 10.1 w m^0.47 beyond the way past the knot, which is 3.3 w m^0.53 long
 * and 3.1 w m^0.53 wide (numerical tightening of ideal tubes, docs/model.md; cords of one bundle differ by ±15 %).
 *
 * @internal
 */
final readonly class OverhandKnot
{
    /** Of m cords held together it is m to this longer and wider, and each takes m to that more than one alone. */
    public const LONGER = 0.53;
    public const MORE = 0.47;

    private const BEYOND = 10.1;
    private const LONG = 3.3;
    private const WIDE = 3.1;

    public function tied(Cord $cord, int $together): TiedKnot
    {
        $size = $cord->round()->times($together ** self::LONGER);
        $pitch = $size->times(self::LONG * $cord->fibre->lengthFactor());

        return new TiedKnot(
            $pitch,
            $pitch->plus($this->beyond($cord, $together)->times($cord->fibre->useFactor())),
            $size->times(self::WIDE),
            $size->times(self::WIDE),
        );
    }

    private function beyond(Cord $cord, int $together): Length
    {
        return $cord->round()->times(self::BEYOND * $together ** self::MORE);
    }
}
