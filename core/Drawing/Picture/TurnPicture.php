<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Picture;

use Rinkel\Core\Drawing\CordKnots;
use Rinkel\Core\Drawing\KnotPicture;
use Rinkel\Core\Drawing\KnotRun;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\Pose;

/**
 * One turn of a cord around all the others.
 *
 * @internal
 */
final readonly class TurnPicture implements KnotPicture
{
    public function placed(KnotRun $run): array
    {
        $w = $run->unit();

        return [
            new Placed(
                CordKnots::turn('whip', $run->around->half / $w),
                new Pose(x: $run->x, y: $run->y, scale: $w),
                $run->cord->colour,
                $run->role,
            ),
        ];
    }
}
