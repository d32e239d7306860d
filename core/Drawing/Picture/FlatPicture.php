<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Picture;

use Rinkel\Core\Drawing\FlatSinnet;
use Rinkel\Core\Drawing\KnotPicture;
use Rinkel\Core\Drawing\KnotRun;
use Rinkel\Core\Drawing\Motif;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Knot\Side;

/**
 * A flat run of square knots, with the cords running in before the first of the line and out after the last.
 */
final class FlatPicture implements KnotPicture
{
    /** @var array<string, Motif> of runs whose knots are alike */
    private array $drawn = [];

    public function __construct(private readonly Side $side) {}

    public function placed(KnotRun $run): array
    {
        $w = $run->unit();
        $sinnet = new FlatSinnet($run->half / $w, $run->knot->length->millimetres / 2 / $w, $this->side);
        $placed = [
            new Placed(
                $this->drawn[$run->alike()] ??= $sinnet->squareKnot('square-'.$run->role),
                $run->x,
                $run->y,
                $w,
                $run->cord->colour,
                $run->role,
                $run->count,
            ),
        ];
        if ($run->begins) {
            array_unshift(
                $placed,
                new Placed(
                    $sinnet->start('start-'.$run->role),
                    $run->x,
                    $run->y,
                    $w,
                    $run->cord->colour,
                    $run->role,
                    1,
                    0,
                ),
            );
        }
        if ($run->ends) {
            $end = $run->x + $run->count * $run->knot->length->millimetres;
            $placed[] = new Placed(
                $sinnet->finish('finish-'.$run->role),
                $end,
                $run->y,
                $w,
                $run->cord->colour,
                $run->role,
                1,
                0,
            );
        }

        return $placed;
    }
}
