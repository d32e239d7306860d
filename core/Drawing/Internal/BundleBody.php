<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Internal;

use Rinkel\Core\Construction\StrandBundle;
use Rinkel\Core\Drawing\Around;
use Rinkel\Core\Drawing\DrawnCord;
use Rinkel\Core\Drawing\EndCord;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Drawing\SceneFrame;

/**
 * Many strands side by side, bound at both ends.
 *
 * @internal
 */
final readonly class BundleBody extends Body
{
    public function scene(): Scene
    {
        $end = $this->draft->piece->cord('end')->cord;
        $w = $end->round()->millimetres;
        $width = max($w, $this->height() - 2 * $w);
        $parts = new SceneParts();
        $parts->cord(...$this->strands($width));
        foreach ($this->draft->setting->starts() as $i => $start) {
            $around = new Around(half: $width / 2);
            $this->tie($parts, $this->draft->setting->elements[$i], $start, $end, 'end', around: $around);
        }

        return $parts->scene(
            new SceneFrame(left: 0, right: $this->draft->body()->millimetres, height: $this->height()),
            $this->stretches(),
        );
    }

    /**
     * Returns the strands that are seen side by side.
     *
     * @return list<DrawnCord>
     */
    private function strands(float $width): array
    {
        $piece = $this->draft->piece;
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
                $this->draft->body()->millimetres,
                (\count($strands) > 1 ? $i / (\count($strands) - 1) - 0.5 : 0.0) * max(0.0, $width - $thickness),
                $thickness,
                $cord->colour,
                $name,
            );
        }

        return $cords;
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
