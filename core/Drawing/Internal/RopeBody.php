<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Internal;

use Rinkel\Core\Drawing\Cord;
use Rinkel\Core\Drawing\EndCord;
use Rinkel\Core\Drawing\Run;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Knot\Manner;

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
            if (null === $element->knot) {
                continue;
            }
            $isWoven = Manner::Woven === $element->knot->manner();
            array_push($placed, ...$this->pictures->placed($isWoven
                ? new Run($element, 1, $start, 0, $rope->cord, 'rope', cores: $rope->count)
                : new Run($element, 1, $start, 0, $thread->cord, 'thread', $d * $rope->count)));
            if ($isWoven) {
                $knots[] = [$start, $start + $element->length->millimetres];
            }
        }
        $from = 0.0;
        foreach ([...$knots, [$body, $body]] as [$knot, $after]) {
            foreach ($this->ends() as $end) {
                $cords[] = Cord::straight($from, $knot + 0.2 * $d, $end->y, $d, $rope->cord->colour, 'rope');
            }
            $from = $after - 0.2 * $d;
        }

        return new Scene(
            0,
            $body,
            max($this->height(), 2 * $rope->count * $d),
            $cords,
            $placed,
            [],
            [],
            $this->stretches(),
        );
    }

    public function ends(): array
    {
        $rope = $this->draft->piece->cord('rope');
        $d = $rope->cord->round()->millimetres;
        $count = max(1, $rope->count);

        return array_map(
            static fn (int $i): EndCord => new EndCord(
                ($i < $count ? -1 : 1) * $d * (0.7 * $count + ($i % $count - ($count - 1) / 2)),
                $d,
                $rope->cord->colour,
                'rope',
            ),
            range(0, 2 * $count - 1),
        );
    }
}
