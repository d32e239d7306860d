<?php

declare(strict_types=1);

namespace Rinkel\Core\Geometry;

/**
 * Around an arm or leg, once or several times, as it is seen from the side: the arm lies to the right, what is wound
 * around it rises towards the one who looks, and sinks away behind. Lengths along it are lengths of the arc around an
 * oval; the wraps lie beside each other, and where the two ends meet the line goes back to its first wrap.
 *
 * @internal
 */
final readonly class WoundPath implements Path
{
    /** So much of a wrap on either side of the closure goes back to the first wrap. */
    private const BACK = 0.12;

    private EllipseArcs $arcs;
    private float $first;

    /**
     * @param float $length of all wraps together, more than 0
     * @param int   $wraps  from 1 up
     * @param float $step   by how much each wrap is longer than the one before it, as the arm widens
     * @param float $pitch  from each wrap to the next, along the arm
     * @param float $top    what lies uppermost when nothing is turned, along the piece
     * @param float $body   where the closure begins, along the piece
     * @param float $ratio  of the arm's width to its height
     * @param float $turn   by how much the arm is turned, in radians: what is uppermost goes up and away
     */
    public function __construct(
        private float $length,
        private int $wraps,
        private float $step,
        private float $pitch,
        private float $top,
        private float $body,
        float $ratio,
        private float $turn,
    ) {
        $this->arcs = EllipseArcs::of($ratio);
        $this->first = max(0.2 * $length / $wraps, $length / $wraps - $step * ($wraps - 1) / 2);
    }

    public function at(float $x, float $y): Point
    {
        [$down, , $along] = $this->place($x);
        $beside = $this->frame($x)->beside;

        return new Point($along + $y * $beside->x, $down + $y * $beside->y);
    }

    public function frame(float $x): LocalFrame
    {
        $near = 0.01 * $this->length / $this->wraps;
        [[$down, $deep, $along], [$lower, $deeper, $further]] = [$this->place($x - $near), $this->place($x + $near)];
        // Right, down and towards the one who looks.
        [$dx, $dy, $dz] = [$further - $along, $lower - $down, $deeper - $deep];
        $step = max(1e-9, sqrt($dx ** 2 + $dy ** 2 + $dz ** 2));
        // Beside the line, on the arm's skin: along the arm where the wraps lie level, aslant where they climb.
        $around = max(1e-9, hypot($dy, $dz));
        $seen = hypot($dx, $dy) / $step;

        return new LocalFrame(
            $seen > 1e-6 ? new Point($dx / $step, $dy / $step) : new Point(0, -1e-6),
            new Point($around / $step, -$dx / $step * $dy / $around),
            $seen,
            $dy <= 0, // what faces goes up, what is behind comes down again
        );
    }

    /**
     * Returns half the height of an arm of this girth as it is seen: what is wound around it lies outside of that.
     *
     * @param float $girth around it
     * @param float $ratio of its width to its height, before it is turned
     * @param float $turn  in radians
     */
    public static function half(float $girth, float $ratio, float $turn): float
    {
        $high = $girth / EllipseArcs::of($ratio)->around;

        return hypot($ratio * $high * cos($turn), $high * sin($turn));
    }

    /**
     * Returns where the line is: downwards on the drawing, towards the one who looks, and along the arm to the right.
     *
     * @return array{float, float, float}
     */
    private function place(float $x): array
    {
        $x -= floor($x / $this->length) * $this->length;
        $wrap = $this->wrap($x);
        $around = $this->first + $this->step * ($wrap - 0.5);
        $half = max(1e-9, $around) / $this->arcs->around;
        $angle = $this->arcs->angle(0.25 + $wrap - $this->wrap($this->top));
        [$wide, $deep] = [$this->arcs->ratio * $half * cos($angle), $half * sin($angle)];
        [$cos, $sin] = [cos($this->turn), sin($this->turn)];

        return [$wide * $cos - $deep * $sin, $wide * $sin + $deep * $cos, $this->along($x)];
    }

    /**
     * Returns how many wraps lie before $x.
     */
    private function wrap(float $x): float
    {
        if (abs($this->step) < 1e-6) {
            return $x / $this->first;
        }
        // The wraps' lengths add up as a line's do that grows evenly.
        $start = $this->first - $this->step / 2;

        return (sqrt(max(0.0, $start ** 2 + 2 * $this->step * $x)) - $start) / $this->step;
    }

    private function along(float $x): float
    {
        if (1 === $this->wraps) {
            return 0.0;
        }
        $back = self::BACK * $this->length / $this->wraps;
        [$from, $to] = [$this->body - $back, $this->length + $back];
        $start = $this->wrap($back);
        $end = $this->wrap($from);
        $past = $x < $back ? $x + $this->length : $x;
        if ($past > $from) {
            $share = ($past - $from) / max(1e-9, $to - $from);
            $wrap = $end + ($start - $end) * $share ** 2 * (3 - 2 * $share);
        } else {
            $wrap = $this->wrap($x);
        }

        return $this->pitch * (($start + $end) / 2 - $wrap);
    }
}
