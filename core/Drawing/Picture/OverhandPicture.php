<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Picture;

use Rinkel\Core\Drawing\KnotPicture;
use Rinkel\Core\Drawing\KnotRun;
use Rinkel\Core\Drawing\Motif;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\Pose;
use Rinkel\Core\Drawing\StopKnot;

/**
 * An overhand knot, as large as it measures.
 *
 * @internal
 */
final class OverhandPicture implements KnotPicture
{
    private ?Motif $drawn = null;

    public function placed(KnotRun $run): array
    {
        $motif = $this->drawn ??= StopKnot::motif('overhand');

        return [
            new Placed(
                $motif,
                new Pose(x: $run->x, y: $run->y, scale: $run->knot->extent->length->millimetres / $motif->length),
                $run->cord->colour,
                $run->role,
            ),
        ];
    }
}
