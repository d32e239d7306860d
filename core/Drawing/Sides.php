<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Geometry\Path;
use Rinkel\Core\Geometry\Point;

/**
 * A scene that lies around something, in two: what is seen, and what is hidden behind it.
 *
 * @internal
 */
final readonly class Sides
{
    /** Bare cord is told apart in steps of this length, in mm. */
    private const STEP = 1.5;

    public Scene $front;
    public Scene $back;

    public function __construct(Scene $scene, Path $way)
    {
        $this->front = self::side($scene, $way, true);
        $this->back = self::side($scene, $way, false);
    }

    private static function side(Scene $scene, Path $way, bool $front): Scene
    {
        $faces = static fn (float $x): bool => $way->frame($x)->faces === $front;

        return new Scene(
            $scene->frame,
            array_merge(
                ...array_map(static fn (DrawnCord $cord): array => self::cords($cord, $faces), $scene->cords),
                ...[[]],
            ),
            array_merge(
                ...array_map(static fn (Placed $placed): array => self::runs($placed, $faces), $scene->placed),
                ...[[]],
            ),
            beads: array_values(array_filter(
                $scene->beads,
                static fn (DrawnBead $bead): bool => $faces(($bead->x + $bead->end()) / 2),
            )),
            findings: array_values(array_filter(
                $scene->findings,
                static fn (DrawnFinding $finding): bool => $faces(
                    $finding->x + $finding->finding->length->millimetres / 2,
                ),
            )),
            stretches: [],
            hanging: array_values(array_filter($scene->hanging, static fn (HangingScene $hanging): bool => $faces($hanging->x))),
        );
    }

    /**
     * @param callable(float): bool $faces
     *
     * @return list<DrawnCord>
     */
    private static function cords(DrawnCord $cord, callable $faces): array
    {
        $pieces = [];
        $open = [];
        foreach (self::steps($cord->points) as $point) {
            if ($faces($point->x)) {
                $open[] = $point;
                continue;
            }
            // The last point is on the other side, so that nothing gapes at the edge.
            if ([] !== $open) {
                $pieces[] = [...$open, $point];
                $open = [];
            }
        }
        $pieces[] = $open;

        return array_map(
            static fn (array $points): DrawnCord => new DrawnCord($points, $cord->thickness, $cord->colour, $cord->role),
            array_values(array_filter($pieces, static fn (array $points): bool => \count($points) > 1)),
        );
    }

    /**
     * @param non-empty-list<Point> $points
     *
     * @return list<Point>
     */
    private static function steps(array $points): array
    {
        $steps = [$points[0]];
        for ($i = 1; $i < \count($points); ++$i) {
            [$from, $to] = [$points[$i - 1], $points[$i]];
            $some = max(1, (int) ceil($from->distanceTo($to) / self::STEP));
            for ($step = 1; $step <= $some; ++$step) {
                $share = $step / $some;
                $steps[] = new Point($from->x + $share * ($to->x - $from->x), $from->y + $share * ($to->y - $from->y));
            }
        }

        return $steps;
    }

    /**
     * @param callable(float): bool $faces
     *
     * @return list<Placed>
     */
    private static function runs(Placed $placed, callable $faces): array
    {
        $runs = [];
        $step = $placed->motif->length * $placed->pose->scale;
        $from = null;
        for ($i = 0; $i <= $placed->count; ++$i) {
            $isOn = $i < $placed->count && $faces(
                $placed->pose->x + ($i + 0.5) * ($placed->pose->turned ? -$step : $step),
            );
            if ($isOn) {
                $from ??= $i;
            } elseif (null !== $from) {
                $runs[] = $placed->some($from, $i - $from);
                $from = null;
            }
        }

        return $runs;
    }
}
