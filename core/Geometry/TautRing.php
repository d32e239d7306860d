<?php

declare(strict_types=1);

namespace Rinkel\Core\Geometry;

/**
 * A taut line around a convex oval body, lifted off it where something thick lies in between: the convex hull of the
 * oval with what lies on it.
 *
 * The base is the body offset by half of what is thin. A rigid part is a chord whose middle stands half its thickness
 * off the body; one that bends stands half its thickness off all along. Lengths in mm; a place on the body is a share
 * of its girth, from the widest point on, counter-clockwise: 0.25 is the top, 0.75 below.
 *
 * @internal
 */
final class TautRing
{
    /** Points of the base; what its arcs are longer than chords is added, so that few are enough. */
    private const BASE = 30;

    private readonly float $wide;
    private readonly float $high;

    /** @var list<float> of every point in turn: x, y, angle of its normal */
    private array $x = [];

    /** @var list<float> */
    private array $y = [];

    /** @var list<float> */
    private array $normal = [];

    /** @var list<int> which run a point belongs to: between neighbours of one run the line is an arc */
    private array $run = [];

    private int $runs = 0;

    /**
     * @param float       $girth of the body, more than 0
     * @param EllipseArcs $arcs  of the body's shape
     * @param float       $thin  thickness of what lies between the parts
     */
    public function __construct(
        float $girth,
        private readonly EllipseArcs $arcs,
        float $thin,
    ) {
        $this->high = $girth / $arcs->around;
        $this->wide = $arcs->ratio * $this->high;
        foreach (self::base() as [$normal, $cos, $sin]) {
            $support = hypot($this->wide * $cos, $this->high * $sin);
            $this->put(
                ($this->wide ** 2 / $support + $thin / 2) * $cos,
                ($this->high ** 2 / $support + $thin / 2) * $sin,
                $normal,
                0,
            );
        }
    }

    /**
     * Lays a rigid part on the body.
     *
     * @param float $at of its middle
     */
    public function lay(float $at, float $length, float $thickness): void
    {
        [$x, $y, $normal] = $this->on($at, $thickness / 2);
        [$dx, $dy] = [-sin($normal) * $length / 2, cos($normal) * $length / 2];
        $this->put($x - $dx, $y - $dy, $normal, ++$this->runs);
        $this->put($x + $dx, $y + $dy, $normal, ++$this->runs);
    }

    /**
     * Lays a part that bends with the body.
     *
     * @param float $from share of the girth where it begins
     * @param float $to   where it ends, beyond its beginning
     */
    public function bend(float $from, float $to, float $thickness): void
    {
        $run = ++$this->runs;
        $steps = max(1, (int) ceil(($to - $from) * self::BASE));
        for ($i = 0; $i <= $steps; ++$i) {
            [$x, $y, $normal] = $this->on($from + ($to - $from) * $i / $steps, $thickness / 2);
            $this->put($x, $y, $normal, $run);
        }
    }

    /**
     * Returns the length of the line.
     */
    public function length(): float
    {
        $hull = $this->hull();
        $length = 0.0;
        $last = $hull[\count($hull) - 1];
        foreach ($hull as $next) {
            $chord = hypot($this->x[$next] - $this->x[$last], $this->y[$next] - $this->y[$last]);
            $turn = $this->run[$next] === $this->run[$last]
                ? fmod($this->normal[$next] - $this->normal[$last] + 4 * \M_PI, 2 * \M_PI)
                : 0.0;
            $length += $chord * (1 + ($turn < 0.4 ? $turn ** 2 / 24 : 0.0));
            $last = $next;
        }

        return $length;
    }

    /**
     * @return non-empty-list<array{float, float, float}> angles of the base's normals, their cosines and sines
     */
    private static function base(): array
    {
        /** @var non-empty-list<array{float, float, float}>|null $base worked out once */
        static $base = null;

        return $base ??= array_map(static function (int $i): array {
            $normal = 2 * \M_PI * $i / self::BASE;

            return [$normal, cos($normal), sin($normal)];
        }, range(0, self::BASE - 1));
    }

    private function put(float $x, float $y, float $normal, int $run): void
    {
        $this->x[] = $x;
        $this->y[] = $y;
        $this->normal[] = $normal;
        $this->run[] = $run;
    }

    /**
     * Returns the point $off the body at a share of its girth, and the angle of the normal there.
     *
     * @return array{float, float, float}
     */
    private function on(float $at, float $off): array
    {
        $angle = $this->arcs->angle($at);
        [$cos, $sin] = [cos($angle), sin($angle)];
        [$nx, $ny] = [$this->high * $cos, $this->wide * $sin];
        $long = hypot($nx, $ny);

        return [
            $this->wide * $cos + $off * $nx / $long,
            $this->high * $sin + $off * $ny / $long,
            atan2($ny, $nx),
        ];
    }

    /**
     * Returns which points are on the hull, counter-clockwise.
     *
     * @return non-empty-list<int>
     */
    private function hull(): array
    {
        $order = array_map(atan2(...), $this->y, $this->x);
        asort($order, \SORT_NUMERIC);
        $order = array_keys($order);
        // Begin at a point that is surely on the hull, and go around once.
        $first = (int) array_search(max([...$this->x, 0.0]), $this->x, true);
        $begin = (int) array_search($first, $order, true);
        [$x, $y] = [$this->x, $this->y];
        $hull = [];
        $count = 0;
        foreach ([...\array_slice($order, $begin), ...\array_slice($order, 0, $begin + 1)] as $point) {
            [$px, $py] = [$x[$point], $y[$point]];
            while ($count > 1) {
                $last = $hull[$count - 1];
                $before = $hull[$count - 2];
                if (($x[$last] - $x[$before]) * ($py - $y[$last]) > ($y[$last] - $y[$before]) * ($px - $x[$last])) {
                    break;
                }
                unset($hull[--$count]);
            }
            $hull[$count++] = $point;
        }
        unset($hull[$count - 1]);

        return array_values($hull) ?: [$first];
    }
}
