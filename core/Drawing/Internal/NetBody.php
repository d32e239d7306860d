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
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\Pose;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Drawing\SceneFrame;
use Rinkel\Core\Drawing\StopKnot;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Geometry\RoundNet;
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
        $parts = new SceneParts();
        foreach ($this->draft->setting->starts() as $i => $start) {
            $element = $this->draft->setting->elements[$i];
            $far = $start + $element->extent->length->millimetres;
            if (ElementKind::Braid === $element->kind && $far > $start) {
                $parts->place($this->plait($start, $far - $start));
            } elseif (ElementKind::Net === $element->kind && [] === $parts->hanging) {
                $parts->hanging[] = new HangingScene($start, $this->pouch());
            } elseif (null !== $element->knot) {
                $this->tie($parts, $element, $start, $this->draft->piece->cord('mesh')->cord, 'mesh');
            } elseif (ElementKind::Bare === $element->kind) {
                foreach ($this->ends() as $end) {
                    $parts->cord(DrawnCord::straight($start, $far, $end->y, $end->thickness, $end->colour, 'mesh'));
                }
            } elseif (!$element->seat->hangs && ($element->isBead() || ElementKind::Focal === $element->kind)) {
                $parts->bead($this->bead($element, $start, 0));
            }
        }

        return $parts->scene(
            new SceneFrame(left: 0, right: $this->draft->body()->millimetres, height: $this->height()),
            $this->stretches(),
        );
    }

    /**
     * Returns a braid so long, of as many whole crossings as come nearest.
     */
    private function plait(float $start, float $length): Placed
    {
        $use = $this->draft->piece->cord('mesh');
        $strand = (new Plait())->of($use->cord, $use->count, Length::zero())->width->millimetres / 3;
        $motif = CordKnots::plait('plait');
        $copies = max(1, (int) round($length / ($motif->length * $strand)));

        return new Placed(
            $motif,
            new Pose(x: $start, y: 0, scale: $length / $copies / $motif->length),
            $use->cord->colour,
            'mesh',
            count: $copies,
            knots: 0,
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
            return (new SceneParts())->scene(new SceneFrame(left: 0, right: 0, height: 0));
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
        $parts = new SceneParts();
        $parts->cord(...$this->mesh($net, $place));
        for ($k = 0; $k < $net->columns; ++$k) {
            $parts->cord($this->cord($place($rows, $k)[0], new Point(0, $under)));
        }
        $parts->cord(...$this->crossing(new Point(0, $low - $knots[0]->y)));
        $parts->place(...$this->joints($net, $place));
        $parts->bead($lock);
        $parts->finding(null === $stone ? null : new DrawnFinding(
            $stone,
            -$stone->length->millimetres / 2,
            $low - $stone->length->millimetres / 2,
            beneath: true,
        ));
        $wide = $girth->millimetres / 2 / \M_PI;

        return $parts->scene(new SceneFrame(left: -$wide, right: $wide, height: $low + 1.5));
    }

    /**
     * Returns the cords in front from row to row.
     *
     * @param callable(int, float): array{Point, float} $place of a knot by row and column, and how far in front it is
     *
     * @return list<DrawnCord>
     */
    private function mesh(RoundNet $net, callable $place): array
    {
        $cords = [];
        for ($row = 0; $row < \count($net->rows); ++$row) {
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

        return $cords;
    }

    /**
     * Returns what is tied in front.
     *
     * @param callable(int, float): array{Point, float} $place of a knot by row and column, and how far in front it is
     *
     * @return list<Placed>
     */
    private function joints(RoundNet $net, callable $place): array
    {
        $knotted = [];
        for ($row = 1; $row <= \count($net->rows); ++$row) {
            for ($k = 0; $k < $net->columns; ++$k) {
                // What is tied in a row lies where the cords from the row above come together.
                [$at, $front] = $place($row, $k);
                if ($front > -0.2) {
                    $knotted[] = $this->joint($at);
                }
            }
        }

        return $knotted;
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
            new Pose(x: $at->x - $knot->pitch->millimetres / 2, y: $at->y, scale: $scale),
            $cord->colour,
            'mesh',
            count: 1,
            knots: 0,
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
            $bead = $element->seat->hangs && ElementKind::Focal === $element->kind
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
