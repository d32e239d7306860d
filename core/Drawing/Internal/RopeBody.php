<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Internal;

use Rinkel\Core\Construction\RopeKnot;
use Rinkel\Core\Drawing\Around;
use Rinkel\Core\Drawing\DrawnCord;
use Rinkel\Core\Drawing\EndCord;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Drawing\SceneFrame;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Material\Colour;

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
        $count = RopeKnot::count($this->draft->piece);
        $thread = $this->draft->piece->cords['thread'] ?? $rope;
        $d = $rope->cord->round()->millimetres;
        $body = $this->draft->body()->millimetres;
        $parts = new SceneParts();
        $knots = [];
        foreach ($this->draft->setting->starts() as $i => $start) {
            $element = $this->draft->setting->elements[$i];
            if (Manner::Woven === $element->knot?->manner()) {
                $around = new Around(cores: $count, colours: $this->colours());
                $this->tie($parts, $element, $start, $rope->cord, 'rope', around: $around);
                $knots[] = [$start, $start + $element->extent->length->millimetres];
            } else {
                $this->tie($parts, $element, $start, $thread->cord, 'thread', around: new Around(half: $d * $count));
            }
        }
        $from = 0.0;
        foreach ([...$knots, [$body, $body]] as $leg => [$knot, $after]) {
            foreach ($this->legs(0 === $leg ? 0 : 1) as $end) {
                $far = $knot + 0.2 * $d;
                $parts->cord(DrawnCord::straight($from, $far, $end->y, $d, $end->colour, $end->role));
            }
            $from = $after - 0.2 * $d;
        }

        return $parts->scene(
            new SceneFrame(left: 0, right: $body, height: max($this->height(), 2 * $count * $d)),
            $this->stretches(),
        );
    }

    public function ends(): array
    {
        return $this->legs(0);
    }

    /**
     * Returns the legs of one loop, which run to one side.
     *
     * @param int $loop 0 to the left, 1 to the right
     *
     * @return non-empty-list<EndCord>
     */
    private function legs(int $loop): array
    {
        $names = RopeKnot::loops($this->draft->piece)[$loop] ?? [];
        $count = \count($names);
        $d = $this->draft->piece->cord('rope')->cord->round()->millimetres;

        return array_map(
            fn (int $i): EndCord => new EndCord(
                // The first rope of a loop is its outer one, as in the knot.
                ($i < $count ? -1 : 1) * $d * (0.7 * $count + ($i % $count - ($count - 1) / 2)),
                $d,
                $this->draft->piece->cord($names[$count - 1 - $i % $count])->cord->colour,
                $names[$count - 1 - $i % $count],
            ),
            range(0, 2 * $count - 1),
        );
    }

    /**
     * @return list<Colour> of the ropes of the first loop; and of the second, where they are others
     */
    private function colours(): array
    {
        [$first, $second] = RopeKnot::loops($this->draft->piece);

        return array_map(
            fn (string $name): Colour => $this->draft->piece->cord($name)->cord->colour,
            $first === $second ? $first : [...$first, ...$second],
        );
    }
}
