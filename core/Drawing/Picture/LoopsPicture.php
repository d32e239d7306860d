<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Picture;

use Rinkel\Core\Drawing\KnotPicture;
use Rinkel\Core\Drawing\KnotRun;
use Rinkel\Core\Drawing\Motif;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\Pose;
use Rinkel\Core\Drawing\RopeLoops;

/**
 * Two loops of ropes side by side, woven through each other.
 *
 * @internal
 */
final class LoopsPicture implements KnotPicture
{
    /** @var array<string, Motif> by their colours */
    private array $drawn = [];

    public function placed(KnotRun $run): array
    {
        $colours = [] === $run->around->colours ? array_fill(
            0,
            max(1, $run->around->cores),
            $run->cord->colour,
        ) : $run->around->colours;
        $motif = $this->drawn[implode(' ', array_column($colours, 'hex'))]
            ??= (new RopeLoops($colours, max(1, $run->around->cores)))->motif('interlace-'.\count($colours));

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
