<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Picture;

use Rinkel\Core\Drawing\CordKnots;
use Rinkel\Core\Drawing\KnotPicture;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\Run;

/**
 * Hitches of one cord along a core: a bar across for each, and its bump on the edge.
 */
final readonly class HitchPicture implements KnotPicture
{
    /**
     * @param int $bars hitches in one knot
     */
    public function __construct(private int $bars) {}

    public function placed(Run $run): array
    {
        $w = $run->unit();
        $motif = CordKnots::hitch(
            $run->knot->knot?->word().'-'.$run->role,
            $this->bars,
            $run->half / $w,
            $run->length(),
        );

        return [new Placed($motif, $run->x, $run->y, $w, $run->cord->colour, $run->role, $run->count)];
    }
}
