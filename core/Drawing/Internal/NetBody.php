<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Internal;

use Rinkel\Core\Construction\NettedPouch;
use Rinkel\Core\Drawing\Cord;
use Rinkel\Core\Drawing\CordKnots;
use Rinkel\Core\Drawing\DrawnFinding;
use Rinkel\Core\Drawing\EndCord;
use Rinkel\Core\Drawing\Hanging;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Knot\Plait;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Measure\Length;

/**
 * Two braids with a net hanging from where they meet, around its largest stone.
 *
 * @internal
 */
final readonly class NetBody extends Body
{
    public function scene(): Scene
    {
        $use = $this->draft->piece->cord('mesh');
        $body = $this->draft->body()->millimetres;
        $strand = (new Plait())->of($use->cord, $use->count, Length::zero())->width->millimetres / 3;
        $motif = CordKnots::plait('plait');
        [$placed, $beads, $hanging] = [[], [], []];
        $low = 0.0;
        foreach ($this->draft->setting->starts() as $i => $start) {
            $element = $this->draft->setting->elements[$i];
            if (ElementKind::Braid === $element->kind && $element->length->millimetres > 0) {
                $copies = max(1, (int) round($element->length->millimetres / ($motif->length * $strand)));
                $scale = $element->length->millimetres / $copies / $motif->length;
                $placed[] = new Placed($motif, $start, 0, $scale, $use->cord->colour, 'mesh', $copies, 0);
            } elseif (ElementKind::Net === $element->kind) {
                $lock = $this->draft->setting->elements[$i + 1] ?? $element;
                $pouch = $this->pouch();
                $low = $pouch->height;
                $hanging[] = new Hanging($start + $lock->length->millimetres / 2, $pouch);
            } elseif ($element->isBead() || ElementKind::Focal === $element->kind) {
                $beads[] = $this->bead($element, $start, 0);
            }
        }

        return new Scene(
            0,
            $body,
            2 * max($low, $this->height() / 2),
            [],
            $placed,
            array_values(array_filter($beads)),
            [],
            $this->stretches(),
            $hanging,
        );
    }

    public function ends(): array
    {
        $use = $this->draft->piece->cord('mesh');
        $w = $use->cord->thickness->millimetres;

        return array_map(
            static fn (int $i): EndCord => new EndCord(($i - 1) * 0.9 * $w, $w, $use->cord->colour, 'mesh'),
            [0, 1, 2],
        );
    }

    /**
     * Returns the front half of the net around the largest stone, hanging from its origin; its height is how low it
     * reaches.
     */
    private function pouch(): Scene
    {
        $net = NettedPouch::net($this->draft);
        if (null === $net) {
            return new Scene(0, 0, 0, [], []);
        }
        $cord = $this->draft->piece->cord('mesh')->cord;
        $stone = array_values(NettedPouch::stones($this->draft->piece))[0] ?? null;
        $girth = $stone?->width->times(\M_PI) ?? $net->every->times($net->columns);
        $height = $net->goesAround($girth) ? $net->rowHeight($girth)->millimetres : $net->every->millimetres;
        $radius = $girth->millimetres / 2 / \M_PI;
        $top = 2 * $cord->thickness->millimetres + $net->every->millimetres * 0.6;
        $knot = static function (int $row, float $column) use ($net, $radius, $height, $top): array {
            $angle = 2 * \M_PI * $column / $net->columns;
            $close = $row >= $net->rows ? 0.15 : sin(\M_PI * min(1.0, ($row + 1) / ($net->rows / 2 + 1)) / 2);

            return [new Point($radius * $close * sin($angle), $top + $row * $height), cos($angle)];
        };
        $cords = [];
        for ($k = 0; $k < $net->columns; ++$k) {
            $cords[] = new Cord(
                [new Point(0, 0), $knot(0, $k)[0]],
                $cord->thickness->millimetres,
                $cord->colour,
                'mesh',
            );
        }
        for ($row = 0; $row < $net->rows; ++$row) {
            for ($k = 0; $k < $net->columns; ++$k) {
                $column = $k + $row % 2 * 0.5;
                [$from, $front] = $knot($row, $column);
                foreach ([-0.5, 0.5] as $side) {
                    [$to, $near] = $knot($row + 1, $column + $side);
                    if ($front + $near > -0.2) {
                        $cords[] = new Cord([$from, $to], $cord->thickness->millimetres, $cord->colour, 'mesh');
                    }
                }
            }
        }
        $low = $top + $net->rows * $height + 3;

        $stones = null === $stone ? [] : [
            new DrawnFinding(
                $stone,
                -$stone->length->millimetres / 2,
                $top + $net->rows * $height - $stone->length->millimetres / 2 - 1,
                beneath: true,
            ),
        ];

        return new Scene(-$radius, $radius, $low, $cords, [], [], $stones);
    }
}
