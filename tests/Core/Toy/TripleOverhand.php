<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Toy;

use Rinkel\Core\Drawing\KnotPicture;
use Rinkel\Core\Drawing\KnotRun;
use Rinkel\Core\Drawing\Motif;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\Pose;
use Rinkel\Core\Drawing\Span;
use Rinkel\Core\Drawing\Strand;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Knot\TyingContext;

/**
 * A knot that Rinkel does not know, with its picture: to show what adding one takes.
 */
final readonly class TripleOverhand implements Knot, KnotPicture
{
    public function word(): string
    {
        return 'triple overhand';
    }

    public function manner(): Manner
    {
        return Manner::Own;
    }

    public function usualTurns(): ?int
    {
        return null;
    }

    public function twist(): int
    {
        return 0;
    }

    public function mirrored(): Knot
    {
        return $this;
    }

    public function tied(TyingContext $ground, Tension $tension): TiedKnot
    {
        $w = $ground->cord->round();

        return new TiedKnot($w->times(6), $w->times(30), $w->times(4), $w->times(4));
    }

    public function placed(KnotRun $run): array
    {
        $motif = new Motif('triple', [new Strand('first', [new Span(1, [new Point(0, 0), new Point(6, 0)])])], 6);

        return [new Placed(
            $motif,
            new Pose(x: $run->x, y: $run->y, scale: $run->unit()),
            $run->cord->colour,
            $run->role,
        )];
    }
}
