<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Internal;

use Rinkel\Core\Construction\StrandBundle;
use Rinkel\Core\Drawing\DrawnCord;
use Rinkel\Core\Drawing\EndCord;
use Rinkel\Core\Drawing\KnotRun;
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
        $room = (int) floor($width / max(0.1, $piece->cord($mixed[0] ?? 'end')->cord->thickness->millimetres * 0.75));
        $strands = self::seen($mixed, $room);
        $cords = [];
        foreach ($strands as $i => $name) {
            $cord = $piece->cord($name)->cord;
            // More than find room side by side lie half under one another.
            $thickness = $cord->thickness->millimetres * min(1.0, max(1, $room) / \count($strands));
            $cords[] = DrawnCord::straight(
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
                    ...$this->pictures->placed(new KnotRun($element, 1, $start, 0, $end, 'end', $width / 2)),
                );
            }
        }

        return new Scene(0, $body, $this->height(), $cords, $placed, [], [], $this->stretches());
    }

    /**
     * Returns the strands that the face shows: as many as find room side by side, taken evenly from all, and each
     * colour once at least.
     *
     * @param list<string> $mixed as they lie, by name
     *
     * @return non-empty-list<string>
     */
    private static function seen(array $mixed, int $room): array
    {
        $names = array_values(array_unique($mixed));
        $first = $mixed[0] ?? 'end';
        $count = min(\count($mixed), max(1, $room, \count($names)));
        $seen = array_map(
            static fn (int $i): string => $mixed[intdiv($i * \count($mixed), $count)] ?? $first,
            range(0, $count - 1),
        );
        foreach (array_diff($names, $seen) as $missing) {
            $counts = array_count_values($seen);
            arsort($counts);
            $most = array_keys($seen, (string) array_key_first($counts), true);
            $seen[$most[intdiv(\count($most), 2)]] = $missing;
        }

        return array_values($seen) ?: [$first];
    }

    public function ends(): array
    {
        $end = $this->draft->piece->cord('end')->cord;
        $w = $end->thickness->millimetres;

        return [new EndCord(-$w / 2, $w, $end->colour, 'end'), new EndCord($w / 2, $w, $end->colour, 'end')];
    }
}
