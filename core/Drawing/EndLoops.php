<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Measure\Length;

/**
 * The loops in which a piece ends, one behind the other, and the one that lies around its button.
 *
 * @internal
 */
final readonly class EndLoops
{
    public function __construct(
        private Draft $draft,
        private EndCord $cord,
    ) {}

    /**
     * Returns whether the loops are where the piece begins.
     */
    public function areAtStart(): bool
    {
        return null === $this->draft->fastened->loops->finishLoop;
    }

    public function all(): Scene
    {
        $way = $this->areAtStart() ? -1 : 1;
        $edge = $this->areAtStart() ? 0.0 : $this->draft->body()->millimetres;
        $flat = $this->flat($way);
        $cord = $this->cord;
        $cords = [];
        $reach = 0.0;
        foreach ($this->draft->fastened->span->sizes as $size) {
            $far = $edge + $way * $size->millimetres;
            $near = $far - $way * $flat;
            array_push($cords, ...$this->between($near, $far, $way));
            $cords[] = DrawnCord::straight(
                min($near, $edge + $way * $reach),
                max($near, $edge + $way * $reach),
                0,
                $cord->thickness,
                $cord->colour,
                $cord->role,
            );
            $reach = $size->millimetres;
        }
        $far = $edge + $way * ($reach + $cord->thickness);

        return new Scene(
            new SceneFrame(
                left: min($edge, $far),
                right: max($edge, $far),
                height: 0.64 * $flat + $cord->thickness * 3,
            ),
            $cords,
            [],
        );
    }

    /**
     * Returns how long a loop at one end lies flat, in mm.
     *
     * @param int $way 1 where the piece ends, -1 where it begins
     */
    public function flat(int $way): float
    {
        $fastened = $this->draft->fastened;

        return (($way > 0 ? $fastened->loops->finishLoop : $fastened->loops->startLoop) ?? Length::zero())->millimetres;
    }

    /**
     * Returns a loop lying between $one and $other; one made of lark's heads with each of them across it.
     *
     * @param int $way 1 where it comes from the left, -1 where it comes from the right
     *
     * @return non-empty-list<DrawnCord>
     */
    public function between(float $one, float $other, int $way): array
    {
        [$from, $to] = [
            $way > 0 ? max($one, $other) : min($one, $other),
            $way > 0 ? min($one, $other) : max($one, $other),
        ];
        $half = ($to - $from) / 2;
        $cord = $this->cord;
        $knotted = $this->draft->piece->closure->loop->knotted;
        $points = array_map(
            static fn (int $i): Point => new Point(
                $from + $half + $half * cos(\M_PI * $i / 30),
                // A drop: both strands leave the knot side by side, as cord does that is laid double.
                0.83 * abs($half) * sin(\M_PI * $i / 30) * sin(\M_PI * $i / 60),
            ),
            range(0, 60),
        );
        $loop = new DrawnCord($points, $cord->thickness * ($knotted ? 2 : 1), $cord->colour, $cord->role);

        return $knotted ? [$loop, ...$this->heads($points)] : [$loop];
    }

    /**
     * Returns the lark's heads of a loop: two turns side by side of each, across the cores.
     *
     * @param non-empty-list<Point> $points
     *
     * @return list<DrawnCord>
     */
    private function heads(array $points): array
    {
        $working = $this->draft->piece->cords['working'] ?? null;
        $thickness = $working?->cord->round()->millimetres ?? $this->cord->thickness;
        $colour = $working->cord->colour ?? $this->cord->colour;
        $half = $this->cord->thickness + $thickness / 2;
        [$heads, $gone, $next, $turn] = [[], 0.0, $thickness, 0];
        foreach ($points as $i => $point) {
            $before = $points[$i - 1] ?? null;
            if (null === $before) {
                continue;
            }
            $step = $before->distanceTo($point);
            [$x, $y] = [($point->x - $before->x) / max(1e-9, $step), ($point->y - $before->y) / max(1e-9, $step)];
            for (; $next <= $gone + $step; $next += $thickness * (0 === $turn++ % 2 ? 1.05 : 1.25)) {
                $on = $next - $gone;
                [$cx, $cy] = [$before->x + $on * $x, $before->y + $on * $y];
                $heads[] = new DrawnCord([
                    new Point($cx - $half * $y, $cy + $half * $x),
                    new Point($cx + $half * $y, $cy - $half * $x),
                ], $thickness, $colour, $this->cord->role);
            }
            $gone += $step;
        }

        return $heads;
    }
}
