<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Internal;

use Rinkel\Core\Construction\StrandBundle;
use Rinkel\Core\Drawing\Cord;
use Rinkel\Core\Drawing\EndCord;
use Rinkel\Core\Drawing\Run;
use Rinkel\Core\Drawing\Scene;

/**
 * Many strands side by side, bound at both ends.
 *
 * @internal
 */
final readonly class BundleBody extends Body
{
    public function scene(): Scene
    {
        $piece = $this->draft->piece;
        $body = $this->draft->body()->millimetres;
        $end = $piece->cord('end')->cord;
        $w = $end->round()->millimetres;
        $width = max($w, $this->height() - 2 * $w);
        $mixed = StrandBundle::mixed($piece);
        $seen = max(
            1,
            min(
                \count($mixed),
                (int) floor($width / max(0.1, $piece->cord($mixed[0] ?? 'end')->cord->thickness->millimetres * 0.75)),
            ),
        );
        // The face shows as many as find room side by side, taken evenly from all.
        $strands = array_map(
            static fn (int $i): string => $mixed[intdiv($i * \count($mixed), $seen)] ?? 'end',
            range(0, $seen - 1),
        );
        $cords = [];
        foreach ($strands as $i => $name) {
            $cord = $piece->cord($name)->cord;
            $thickness = $cord->thickness->millimetres;
            $cords[] = Cord::straight(
                0,
                $body,
                (\count($strands) > 1 ? $i / (\count($strands) - 1) - 0.5 : 0.0) * max(0.0, $width - $thickness),
                $thickness,
                $cord->colour,
                $name,
            );
        }
        $placed = [];
        foreach ($this->draft->setting->starts() as $i => $start) {
            $element = $this->draft->setting->elements[$i];
            if (null !== $element->knot) {
                array_push(
                    $placed,
                    ...$this->pictures->placed(new Run($element, 1, $start, 0, $end, 'end', $width / 2)),
                );
            }
        }

        return new Scene(0, $body, $this->height(), $cords, $placed, [], [], $this->stretches());
    }

    public function ends(): array
    {
        $end = $this->draft->piece->cord('end')->cord;
        $w = $end->thickness->millimetres;

        return [new EndCord(-$w / 2, $w, $end->colour, 'end'), new EndCord($w / 2, $w, $end->colour, 'end')];
    }
}
