<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Internal;

use Rinkel\Core\Construction\NettedPouch;
use Rinkel\Core\Drawing\CordKnots;
use Rinkel\Core\Drawing\DrawnBead;
use Rinkel\Core\Drawing\DrawnCord;
use Rinkel\Core\Drawing\DrawnFinding;
use Rinkel\Core\Drawing\EndCord;
use Rinkel\Core\Drawing\HangingScene;
use Rinkel\Core\Drawing\KnotRun;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Drawing\StopKnot;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Knot\Kind\Overhand;
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
    /** Folds at the crossing that are seen from one side. */
    private const FOLDS = 3;

    public function scene(): Scene
    {
        $use = $this->draft->piece->cord('mesh');
        $body = $this->draft->body()->millimetres;
        $strand = (new Plait())->of($use->cord, $use->count, Length::zero())->width->millimetres / 3;
        $motif = CordKnots::plait('plait');
        [$cords, $placed, $beads, $hanging] = [[], [], [], []];
        foreach ($this->draft->setting->starts() as $i => $start) {
            $element = $this->draft->setting->elements[$i];
            if (ElementKind::Braid === $element->kind && $element->length->millimetres > 0) {
                $copies = max(1, (int) round($element->length->millimetres / ($motif->length * $strand)));
                $scale = $element->length->millimetres / $copies / $motif->length;
                $placed[] = new Placed($motif, $start, 0, $scale, $use->cord->colour, 'mesh', $copies, 0);
            } elseif (ElementKind::Net === $element->kind && [] === $hanging) {
                $pouch = $this->pouch();
                $hanging[] = new HangingScene($start, $pouch);
            } elseif (null !== $element->knot) {
                array_push(
                    $placed,
                    ...$this->pictures->placed(new KnotRun($element, 1, $start, 0, $use->cord, 'mesh')),
                );
            } elseif (ElementKind::Bare === $element->kind) {
                foreach ($this->ends() as $end) {
                    $far = $start + $element->length->millimetres;
                    $cords[] = DrawnCord::straight($start, $far, $end->y, $end->thickness, $end->colour, 'mesh');
                }
            } elseif (!$element->hangs && ($element->isBead() || ElementKind::Focal === $element->kind)) {
                $beads[] = $this->bead($element, $start, 0);
            }
        }

        return new Scene(
            0,
            $body,
            $this->height(),
            cords: $cords,
            placed: $placed,
            beads: array_values(array_filter($beads)),
            findings: [],
            stretches: $this->stretches(),
            hanging: $hanging,
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
     * Returns the front half of the net around the largest stone, hanging from its origin under the lock bead; its
     * height is how low it reaches.
     */
    private function pouch(): Scene
    {
        $net = NettedPouch::net($this->draft);
        if (null === $net) {
            return new Scene(0, 0, 0, [], []);
        }
        $stone = array_values(NettedPouch::stones($this->draft->piece))[0] ?? null;
        $girth = $stone?->width->times(\M_PI) ?? $net->most()->times(0.5);
        $length = $stone->length ?? $net->depth($girth)->times(0.8);
        $lock = $this->lock();
        $under = null === $lock ? 2.0 : $lock->bead->length->millimetres;
        $knots = $net->on($length, $girth);
        $rows = \count($net->rows);
        $low = $under + max($length->millimetres, $knots[$rows]->y) + 1.5;
        $place = static function (int $row, float $column) use ($net, $knots, $low): array {
            $angle = 2 * \M_PI * ($column + $row % 2 * 0.5) / $net->columns;

            return [new Point($knots[$row]->x * sin($angle), $low - $knots[$row]->y), cos($angle)];
        };
        $cords = [];
        for ($row = 0; $row < $rows; ++$row) {
            for ($k = 0; $k < $net->columns; ++$k) {
                [$from, $front] = $place($row, $k);
                foreach ([0, 1] as $side) {
                    [$to, $near] = $place($row + 1, $k + $side - (0 === $row % 2 ? 1 : 0));
                    if ($front + $near > -0.2) {
                        $cords[] = $this->cord($from, $to);
                    }
                }
            }
        }
        for ($k = 0; $k < $net->columns; ++$k) {
            $cords[] = $this->cord($place($rows, $k)[0], new Point(0, $under));
        }
        array_push($cords, ...$this->crossing(new Point(0, $low - $knots[0]->y)));
        $knotted = [];
        for ($row = 1; $row <= $rows; ++$row) {
            for ($k = 0; $k < $net->columns; ++$k) {
                // What is tied in a row lies where the cords from the row above come together.
                [$at, $front] = $place($row, $k);
                if ($front > -0.2) {
                    $knotted[] = $this->joint($at);
                }
            }
        }
        $stones = null === $stone ? [] : [new DrawnFinding(
            $stone,
            -$stone->length->millimetres / 2,
            $low - $stone->length->millimetres / 2,
            beneath: true,
        )];
        $wide = $girth->millimetres / 2 / \M_PI;

        return new Scene(-$wide, $wide, $low + 1.5, $cords, $knotted, array_filter([$lock]), $stones);
    }

    /**
     * Returns the folds of all cords where they hang in each other, as many as are seen from in front: each through the
     * loop of the one before.
     *
     * @return list<DrawnCord>
     */
    private function crossing(Point $at): array
    {
        $use = $this->draft->piece->cord('mesh');
        $w = $use->cord->thickness->millimetres;
        $folds = [];
        for ($i = 0; $i < min(self::FOLDS, $use->count); ++$i) {
            $aside = ($i - (min(self::FOLDS, $use->count) - 1) / 2) * 0.9 * $w;
            $folds[] = new DrawnCord(array_map(static fn (int $step): Point => new Point(
                $at->x + $aside + $w * cos(\M_PI * $step / 8),
                $at->y + 1.2 * $w * sin(\M_PI * $step / 8),
            ), range(0, 16)), $w, $use->cord->colour, 'mesh');
        }

        return $folds;
    }

    /**
     * Returns one of the net's knots, lying across: an overhand of two cords.
     */
    private function joint(Point $at): Placed
    {
        $cord = $this->draft->piece->cord('mesh')->cord;
        $knot = $this->draft->book()->in(new Overhand(), $cord, 2);
        $motif = StopKnot::motif('joint');
        $scale = $knot->pitch->millimetres / $motif->length;

        return new Placed(
            $motif,
            $at->x - $knot->pitch->millimetres / 2,
            $at->y,
            $scale,
            $cord->colour,
            'mesh',
            1,
            0,
        );
    }

    private function cord(Point $from, Point $to): DrawnCord
    {
        $cord = $this->draft->piece->cord('mesh')->cord;

        return new DrawnCord([$from, $to], $cord->thickness->millimetres, $cord->colour, 'mesh');
    }

    /**
     * Returns the lock bead, its hole upright under the origin.
     */
    private function lock(): ?DrawnBead
    {
        foreach ($this->draft->setting->elements as $element) {
            $bead = $element->hangs && ElementKind::Focal === $element->kind
                ? $this->draft->piece->beads[$element->name] ?? null
                : null;
            if (null !== $bead) {
                $half = $bead->length->millimetres / 2;

                return new DrawnBead((string) $element->name, $bead, -$half, $half, null, 90);
            }
        }

        return null;
    }
}
