<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Internal;

use Rinkel\Core\Drawing\DrawnCord;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Material\Cord as Material;

/**
 * One step of rows side by side: every second row half a step on.
 *
 * @internal
 */
final readonly class RowsPicture extends ApartPicture
{
    public function shares(): array
    {
        return [0.3, 0.7];
    }

    public function coreAt(Element $element, int $core, int $cores, float $share): float
    {
        return self::rowAt($element, $core, $cores);
    }

    public function beads(Element $element, float $start): array
    {
        $rows = \count($element->beside);
        $middle = ($element->beside[intdiv($rows, 2)] ?? $element)->extent->length->millimetres / 2;
        $beads = [];
        foreach (array_values($element->beside) as $row => $bead) {
            $isShifted = !$element->seat->level && 1 === (int) floor(abs($row - ($rows - 1) / 2) + 0.1) % 2;
            $centre = $start + $middle + ($isShifted ? $element->extent->length->millimetres / 2 : 0.0);
            $beads[] = $this->bead(
                $bead,
                $centre - $bead->extent->length->millimetres / 2,
                self::rowAt($element, $row, $rows),
            );
        }

        return $beads;
    }

    /**
     * Returns the working cords' way of one step: from the middle out to the outer rows and back.
     */
    public function cords(Element $element, float $start, Material $cord, string $role): array
    {
        $out = self::rowAt($element, 0, \count($element->beside));
        $length = $element->extent->length->millimetres;
        $half = $start + 0.5 * $length;

        return array_map(static fn (int $side): DrawnCord => new DrawnCord(
            [
                new Point($start, 0),
                new Point($half, $side * $out),
                new Point($half, $side * $out * 1.12),
                new Point($start + $length, 0),
            ],
            $cord->thickness->millimetres,
            $cord->colour,
            $role,
        ), [-1, 1]);
    }

    private static function rowAt(Element $element, int $row, int $rows): float
    {
        $across = $element->extent->width->millimetres - $element->extent->thickness->millimetres;

        return $rows < 2 ? 0.0 : ($row - ($rows - 1) / 2) * $across / ($rows - 1);
    }
}
