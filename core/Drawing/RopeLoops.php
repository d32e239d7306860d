<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Knot\Interlace;
use Rinkel\Core\Material\Colour;

/**
 * The picture of two loops woven through each other, each of several ropes side by side; its unit is one rope.
 *
 * Over and under alternate along each loop, at its crossings with itself and with the other.
 *
 * @internal
 */
final readonly class RopeLoops
{
    private const UNDER = 1;
    private const OVER = 2;

    private int $ropes;

    /**
     * @param non-empty-list<Colour> $colours of the ropes side by side in a loop; or of both loops, the left one first
     * @param int|null               $ropes   side by side, as many as colours when null
     */
    public function __construct(private array $colours, ?int $ropes = null)
    {
        $this->ropes = $ropes ?? \count($colours);
    }

    public function motif(string $name): Motif
    {
        $strands = [];
        foreach ($this->courses() as $i => $course) {
            $strands[] = $course->strand($this->colours[$i % \count($this->colours)] ?? $this->colours[0]);
        }

        return new Motif($name, $strands, 4.5 * $this->ropes);
    }

    /**
     * Returns the ways of all ropes, those of the left loop first.
     *
     * @return list<Course>
     */
    public function courses(): array
    {
        $one = Interlace::way();
        $other = array_map(static fn (Point $point): Point => new Point(-$point->x, $point->y), $one);
        $courses = [];
        foreach ([[$one, $other, 0], [$other, $one, 1]] as $side => [$way, $across, $first]) {
            $levels = $this->levels($way, $across, $first);
            for ($rope = 0; $rope < $this->ropes; ++$rope) {
                $courses[] = Course::of(
                    (0 === $side ? 'left-' : 'right-').$rope,
                    $this->offset($way, ($rope - ($this->ropes - 1) / 2) / $this->ropes),
                    $levels,
                );
            }
        }

        return $courses;
    }

    /**
     * @param non-empty-list<Point> $way    of the loop, in widths of all ropes
     * @param non-empty-list<Point> $across the other loop
     * @param int                   $first  whether it begins under (0) or over (1)
     *
     * @return list<int> of each stretch
     */
    private function levels(array $way, array $across, int $first): array
    {
        $crossings = [];
        foreach ($way as $i => $point) {
            if (0 === $i) {
                continue;
            }
            foreach ([$across, $way] as $own => $line) {
                foreach ($line as $j => $there) {
                    if (0 !== $j && (0 === $own || abs($i - $j) > 3) && self::cross(
                        $way[$i - 1],
                        $point,
                        $line[$j - 1],
                        $there,
                    )) {
                        $crossings[] = $i;
                    }
                }
            }
        }
        sort($crossings);
        $levels = [];
        foreach ($crossings as $k => $at) {
            $to = isset($crossings[$k + 1]) ? intdiv($at + $crossings[$k + 1] + 1, 2) : \count($way) - 1;
            $level = 0 !== ($k + $first) % 2 ? self::OVER : self::UNDER;
            while (\count($levels) < $to) {
                $levels[] = $level;
            }
        }

        return $levels;
    }

    /**
     * @param non-empty-list<Point> $way
     * @param float                 $beside how far beside the way, in the same widths
     *
     * @return non-empty-list<Point> in ropes, from the knot's left edge
     */
    private function offset(array $way, float $beside): array
    {
        $points = [];
        foreach ($way as $i => $point) {
            [$a, $b] = [$way[max(0, $i - 1)] ?? $point, $way[min(\count($way) - 1, $i + 1)] ?? $point];
            $length = max(1e-9, $a->distanceTo($b));
            $points[] = new Point(
                (2.25 + $point->x - $beside * ($b->y - $a->y) / $length) * $this->ropes,
                ($point->y + $beside * ($b->x - $a->x) / $length) * $this->ropes,
            );
        }

        return $points;
    }

    private static function cross(Point $a, Point $b, Point $c, Point $d): bool
    {
        $side = static fn (Point $p, Point $q, Point $r): float => ($q->x - $p->x) * ($r->y - $p->y) - ($q->y - $p->y) * ($r->x - $p->x);

        return $side($a, $b, $c) * $side($a, $b, $d) < 0 && $side($c, $d, $a) * $side($c, $d, $b) < 0;
    }
}
