<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Internal;

use Rinkel\Core\Construction\RopeKnot;
use Rinkel\Core\Drawing\Cord;
use Rinkel\Core\Drawing\EndCord;
use Rinkel\Core\Drawing\Run;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\CordUse;

/**
 * Two loops of parallel ropes with their knot in the middle, their legs to either side bound with thread.
 *
 * @internal
 */
final readonly class RopeBody extends Body
{
    public function scene(): Scene
    {
        $ropes = RopeKnot::ropes($this->draft->piece);
        $rope = $this->draft->piece->cord('rope');
        $count = RopeKnot::count($this->draft->piece);
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
                ? new Run($element, 1, $start, 0, $rope->cord, 'rope', cores: $count, colours: self::colours($ropes))
                : new Run($element, 1, $start, 0, $thread->cord, 'thread', $d * $count)));
            if ($isWoven) {
                $knots[] = [$start, $start + $element->length->millimetres];
            }
        }
        $from = 0.0;
        foreach ([...$knots, [$body, $body]] as [$knot, $after]) {
            foreach ($this->ends() as $end) {
                $cords[] = Cord::straight($from, $knot + 0.2 * $d, $end->y, $d, $end->colour, $end->role);
            }
            $from = $after - 0.2 * $d;
        }

        return new Scene(
            0,
            $body,
            max($this->height(), 2 * $count * $d),
            $cords,
            $placed,
            [],
            [],
            $this->stretches(),
        );
    }

    public function ends(): array
    {
        $ropes = RopeKnot::ropes($this->draft->piece);
        $names = array_merge(...array_map(
            static fn (int|string $name): array => array_fill(0, $ropes[$name]->count, (string) $name),
            array_keys($ropes),
        ));
        $count = \count($names);
        $d = $this->draft->piece->cord('rope')->cord->round()->millimetres;

        return array_map(
            static fn (int $i): EndCord => new EndCord(
                // The first rope of a loop is its outer one, as in the knot.
                ($i < $count ? -1 : 1) * $d * (0.7 * $count + ($i % $count - ($count - 1) / 2)),
                $d,
                $ropes[$names[$count - 1 - $i % $count]]->cord->colour,
                $names[$count - 1 - $i % $count],
            ),
            range(0, 2 * $count - 1),
        );
    }

    /**
     * @param array<string, CordUse> $ropes
     *
     * @return list<Colour>
     */
    private static function colours(array $ropes): array
    {
        return array_merge(...array_values(array_map(
            static fn (CordUse $use): array => array_fill(0, $use->count, $use->cord->colour),
            $ropes,
        )));
    }
}
