<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Internal;

use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Tied;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\Take;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Lay;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node\Knots;

/**
 * Two rope loops, each of one or several ropes side by side, with a knot of both in the middle and two legs of each
 * loop to either end; bound there with thread.
 *
 * Each rope runs twice along its half and once through the knot: over the whole line once along, as both halves are
 * alike.
 *
 * @internal
 */
final readonly class RopeMaker extends PartMaker
{
    public function ties(Knot $knot): bool
    {
        return \in_array($knot->manner(), [Manner::Woven, Manner::Bound], true);
    }

    protected function knot(Knots $knots, bool $swapped): Element
    {
        $rope = $this->piece->cord('rope');
        if (Manner::Woven === $knots->kind->manner()) {
            $tied = $this->book->in($knots->kind, $rope->cord, $rope->count);

            return $this->tied($knots, $tied, ['rope' => Take::knots($tied->use), 'thread' => Take::none()]);
        }
        $thread = $this->piece->cord('thread')->cord;
        $tied = $this->book->around($knots->kind, new Bundle($rope->cord->round(), 2 * $rope->count, Lay::Flat), $thread);
        // The ropes lie flat side by side under it.
        $flat = new Tied(
            $tied->pitch,
            $tied->use,
            $this->bare(),
            $this->bareThickness()->plus($thread->round()->times(2)),
        );

        return $this->tied(
            $knots,
            $flat,
            ['rope' => Take::straight($tied->pitch), 'thread' => Take::knots($tied->use)],
        );
    }

    protected function along(Length $length, Length $bulge): array
    {
        return ['rope' => Take::straight($length), 'thread' => Take::none()];
    }

    protected function bare(): Length
    {
        return $this->piece->cord('rope')->cord->round()->times(2 * $this->piece->cord('rope')->count);
    }

    protected function bareThickness(): Length
    {
        return $this->piece->cord('rope')->cord->round();
    }
}
