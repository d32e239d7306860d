<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot;

use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;

/**
 * A flat braid of three strands, one of them perhaps doubled: each strand takes 1.30 ± 0.08 times the braid's length,
 * which is three strands wide and two thick (numerical tightening, docs/model.md; 1.36 at 45 degrees).
 *
 * @internal
 */
final readonly class Plait
{
    public const TAKE_UP = 1.30;

    /**
     * @param int $cords how many cords the three strands are together
     */
    public function of(Cord $cord, int $cords, Length $length): TiedKnot
    {
        $strand = $cord->round()->times($cords > 3 ? sqrt($cords / 3) : 1.0);

        return new TiedKnot($length, $length->times(self::TAKE_UP), $strand->times(3), $strand->times(2));
    }
}
