<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Internal;

use Rinkel\Core\Knot\Tied;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\Exception\PartDoesNotSuit;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node\KnotKind;
use Rinkel\Core\Pattern\Node\Knots;

/**
 * Two rope loops, each of one or several ropes side by side, with a knot of both in the middle and two legs of each loop to either
 * end; bound there with thread.
 *
 * Each rope runs twice along its half and once through the knot: over the whole line once along, as both halves are alike.
 *
 * @internal
 */
final readonly class RopeMaker extends PartMaker
{
    protected function knot(Knots $knots, bool $swapped): Element
    {
        $rope = $this->piece->cord('rope');
        if (KnotKind::Interlace === $knots->kind) {
            $tied = $this->piece->knots()->in(KnotKind::Interlace, $rope->cord, $rope->count);

            return $this->tied($knots, $tied, ['rope' => [Length::zero(), $tied->use], 'thread' => [Length::zero(), Length::zero()]]);
        }
        if (KnotKind::Whip === $knots->kind) {
            $tied = $this->piece->knots()->around(KnotKind::Whip, $rope->bundle(2), $this->piece->cord('thread')->cord);

            // The ropes lie flat side by side under it.
            $flat = new Tied($tied->pitch, $tied->use, $this->bare(), $this->bareThickness()->plus($this->piece->cord('thread')->cord->round()->times(2)));

            return $this->tied($knots, $flat, ['rope' => [$tied->pitch, Length::zero()], 'thread' => [Length::zero(), $tied->use]]);
        }

        throw PartDoesNotSuit::notTied($knots, '"'.$knots->kind->value.'"');
    }

    protected function along(Length $length, Length $bulge): array
    {
        return ['rope' => [$length, Length::zero()], 'thread' => [Length::zero(), Length::zero()]];
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
