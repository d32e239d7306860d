<?php

declare(strict_types=1);

namespace Rinkel\Core\Geometry;

/**
 * Around an oval, once or several times: an ellipse whose axes are as 1.3 to 1, as a wrist's are (about; judgement),
 * each further turn moved aside by a fixed step. Lengths along it are lengths of the arc.
 *
 * x = 0 lies wherever $top mm further is the highest point.
 */
final readonly class Oval implements Way
{
    private const AXES = 1.3;
    private const STEPS = 720;

    private float $wide;
    private float $high;

    /** @var non-empty-list<float> arc length from the top, clockwise, at each step of the angle */
    private array $arcs;

    /**
     * @param float $around length of one turn, more than 0
     * @param float $top    what lies at the highest point, along the piece
     * @param Point $aside  by how much each turn is moved against the one before it
     */
    public function __construct(
        private float $around,
        private float $top,
        private Point $aside,
    ) {
        $unit = self::arcsOf(self::AXES, 1.0);
        $scale = $around / $unit[self::STEPS];
        $this->wide = self::AXES * $scale;
        $this->high = $scale;
        $this->arcs = array_map(static fn (float $arc): float => $arc * $scale, $unit);
    }

    public function at(float $x, float $y): Point
    {
        $angle = $this->angle($x);
        [$sin, $cos] = [sin($angle), cos($angle)];
        // Outwards from the oval is away from the maker's far side: y grows inwards.
        [$nx, $ny] = [$this->high * $sin, -$this->wide * $cos];
        $length = max(1e-9, hypot($nx, $ny));
        $turn = ($x - $this->top) / $this->around;

        return new Point(
            $this->wide * $sin - $y * $nx / $length + $turn * $this->aside->x,
            -$this->high * $cos - $y * $ny / $length + $turn * $this->aside->y,
        );
    }

    public function turnAt(float $x): float
    {
        $angle = $this->angle($x);

        return rad2deg(atan2($this->high * sin($angle), $this->wide * cos($angle)));
    }

    public function width(): float
    {
        return 2 * $this->wide;
    }

    public function height(): float
    {
        return 2 * $this->high;
    }

    /**
     * Returns the angle from the top, clockwise, at which the arc from the top is $x − top.
     */
    private function angle(float $x): float
    {
        $arc = fmod($x - $this->top, $this->around);
        $arc = $arc < 0 ? $arc + $this->around : $arc;
        [$low, $high] = [0, self::STEPS];
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            if (($this->arcs[$middle] ?? 0.0) <= $arc) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }
        [$from, $to] = [$this->arcs[$low] ?? 0.0, $this->arcs[$high] ?? 0.0];

        return 2 * \M_PI * ($low + ($to > $from ? ($arc - $from) / ($to - $from) : 0.0)) / self::STEPS;
    }

    /**
     * @return non-empty-list<float>
     */
    private static function arcsOf(float $wide, float $high): array
    {
        $arcs = [0.0];
        $arc = 0.0;
        for ($i = 1; $i <= self::STEPS; ++$i) {
            [$one, $two] = [2 * \M_PI * ($i - 1) / self::STEPS, 2 * \M_PI * $i / self::STEPS];
            $arc += hypot($wide * (sin($two) - sin($one)), $high * (cos($two) - cos($one)));
            $arcs[] = $arc;
        }

        return $arcs;
    }
}
