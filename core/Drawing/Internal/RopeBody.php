<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Internal;

use Rinkel\Core\Drawing\Cord;
use Rinkel\Core\Drawing\CordKnots;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\RopeLoops;
use Rinkel\Core\Drawing\Scene;

/**
 * Two loops of parallel ropes with their knot in the middle, their legs to either side bound with thread.
 *
 * @internal
 */
final readonly class RopeBody extends Body
{
    public function scene(): Scene
    {
        $rope = $this->draft->piece->cord('rope');
        $thread = $this->draft->piece->cords['thread'] ?? $rope;
        $d = $rope->cord->round()->millimetres;
        $body = $this->draft->body()->millimetres;
        [$cords, $placed] = [[], []];
        $knots = [];
        foreach ($this->draft->setting->starts() as $i => $start) {
            $element = $this->draft->setting->elements[$i];
            if ('interlace' === $element->what) {
                $motif = (new RopeLoops($rope->count))->motif('interlace-'.$rope->count);
                $placed[] = new Placed($motif, $start, 0, $element->length->millimetres / $motif->length, $rope->cord->colour, 'rope');
                $knots[] = [$start, $start + $element->length->millimetres];
            } elseif ('whip' === $element->what) {
                $w = $thread->cord->round()->millimetres;
                $placed[] = new Placed(CordKnots::turn('whip', $d * $rope->count / $w), $start, 0, $w, $thread->cord->colour, 'thread');
            }
        }
        $from = 0.0;
        foreach ([...$knots, [$body, $body]] as [$knot, $after]) {
            foreach ($this->ends() as $end) {
                $cords[] = Cord::straight($from, $knot + 0.2 * $d, $end->y, $d, $rope->cord->colour, 'rope');
            }
            $from = $after - 0.2 * $d;
        }

        return new Scene(0, $body, max($this->height(), 2 * $rope->count * $d), $cords, $placed, [], [], $this->stretches());
    }

    public function ends(): array
    {
        $rope = $this->draft->piece->cord('rope');
        $d = $rope->cord->round()->millimetres;
        $count = max(1, $rope->count);

        return array_map(
            static fn (int $i): EndCord => new EndCord(($i < $count ? -1 : 1) * $d * (0.7 * $count + ($i % $count - ($count - 1) / 2)), $d, $rope->cord->colour, 'rope'),
            range(0, 2 * $count - 1),
        );
    }
}
