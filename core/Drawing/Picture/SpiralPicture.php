<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Picture;

use Rinkel\Core\Drawing\KnotPicture;
use Rinkel\Core\Drawing\KnotRun;
use Rinkel\Core\Drawing\Motif;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\Pose;
use Rinkel\Core\Drawing\SpiralSinnet;

/**
 * A spiral of half knots, its pictures as long as they may be.
 *
 * @internal
 */
final class SpiralPicture implements KnotPicture
{
    /** @var array<string, Motif> of half knots that are alike, by how many and from which of a turn */
    private array $drawn = [];

    /**
     * @param int $hand 1 to the left, -1 to the right
     */
    public function __construct(
        private readonly string $name,
        private readonly int $hand,
    ) {}

    public function placed(KnotRun $run): array
    {
        $w = $run->unit();
        $sinnet = new SpiralSinnet($run->around->half / $w, $run->length(), $this->hand, $run->around->cores);
        // Around a bend each half knot is a picture of its own; straight, a whole turn is one, copied as often as it goes.
        $piece = $run->edges->bends ? 1 : $sinnet->perTurn;
        $placed = [];
        for ($i = 0; $i < $run->count; $i += $some * $copies) {
            $some = min($piece, $run->count - $i);
            $copies = $run->edges->bends ? 1 : max(1, intdiv($run->count - $i, $sinnet->perTurn));
            $placed[] = new Placed(
                $this->drawn[$run->alike().' '.$i % $sinnet->perTurn.' '.$some]
                    ??= $sinnet->halfKnots($this->name.'-'.$run->role, $i % $sinnet->perTurn, $some),
                new Pose(x: $run->x + $i * $run->knot->extent->length->millimetres, y: $run->y, scale: $w),
                $run->cord->colour,
                $run->role,
                count: $copies,
                knots: $some,
            );
        }

        return $placed;
    }
}
