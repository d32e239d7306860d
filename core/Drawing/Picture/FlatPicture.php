<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Picture;

use Rinkel\Core\Drawing\FlatSinnet;
use Rinkel\Core\Drawing\KnotPicture;
use Rinkel\Core\Drawing\KnotRun;
use Rinkel\Core\Drawing\Motif;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\Pose;
use Rinkel\Core\Knot\Side;

/**
 * A flat run of square knots, with the cords running in before the first of the line and out after the last.
 *
 * @internal
 */
final class FlatPicture implements KnotPicture
{
    /** @var array<string, Motif> of runs whose knots are alike */
    private array $drawn = [];

    public function __construct(private readonly Side $side) {}

    public function placed(KnotRun $run): array
    {
        $w = $run->unit();
        $sinnet = new FlatSinnet(
            $run->around->half / $w,
            $run->knot->extent->length->millimetres / 2 / $w,
            $this->side,
        );
        $end = $run->x + $run->count * $run->knot->extent->length->millimetres;
        $knot = $this->drawn[$run->alike()] ??= $sinnet->squareKnot('square-'.$run->role);

        return [
            ...($run->edges->begins ? [self::edge($run, $sinnet->start('start-'.$run->role), $run->x)] : []),
            new Placed($knot, new Pose($run->x, $run->y, $w), $run->cord->colour, $run->role, $run->count),
            ...($run->edges->ends ? [self::edge($run, $sinnet->finish('finish-'.$run->role), $end)] : []),
        ];
    }

    private static function edge(KnotRun $run, Motif $motif, float $x): Placed
    {
        return new Placed($motif, new Pose($x, $run->y, $run->unit()), $run->cord->colour, $run->role, knots: 0);
    }
}
