<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Picture;

use Rinkel\Core\Drawing\CordKnots;
use Rinkel\Core\Drawing\KnotPicture;
use Rinkel\Core\Drawing\KnotRun;
use Rinkel\Core\Drawing\Motif;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\Pose;
use Rinkel\Core\Knot\BarrelKnot;

/**
 * The coil of a barrel: as many turns as it has, or always as many.
 *
 * @internal
 */
final class CoilPicture implements KnotPicture
{
    /** @var array<string, Motif> of barrels that are alike */
    private array $drawn = [];

    public function __construct(private readonly int $turns = BarrelKnot::USUAL) {}

    public function placed(KnotRun $run): array
    {
        $w = $run->unit();
        $turns = $run->knot->mention->wraps ?? $this->turns;
        $alike = $run->alike().' '.$turns.' '.$run->knot->extent->width->millimetres;
        $motif = $this->drawn[$alike] ??= CordKnots::barrel(
            'barrel-'.$run->role.'-'.$turns,
            $turns,
            $run->length(),
            $run->knot->extent->width->millimetres / $w,
        );

        return [new Placed(
            $motif,
            new Pose(x: $run->x, y: $run->y, scale: $w),
            $run->cord->colour,
            $run->role,
        )];
    }
}
