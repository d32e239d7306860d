<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

/**
 * The cord of a barrel knot: it runs straight in, turns back, winds around itself, and its end goes back through the
 * turns. With one turn it is an overhand.
 *
 * @internal
 */
final readonly class Coil
{
    private const BEHIND = -1;
    private const INSIDE = 0;
    private const FRONT = 1;

    /**
     * @param int   $turns from 1
     * @param float $pitch of one turn, in diameters
     * @param float $out   how far from the middle the turns lie, in the same
     * @param float $apart how far from the middle what lies inside lies, in the same
     * @param float $tail  how far its ends are seen beyond it, in the same
     */
    public function __construct(
        private int $turns,
        private float $pitch,
        private float $out,
        private float $apart,
        private float $tail = 2.0,
    ) {}

    public function length(): float
    {
        return $this->turns * $this->pitch;
    }

    public function course(string $name): Course
    {
        $end = $this->length();
        $p = $this->pitch;
        $stations = [
            [-0.9 * $p - $this->tail, $this->apart, self::INSIDE],
            [0.0, $this->apart, self::INSIDE],
            [$end, $this->apart, self::INSIDE],
            [$end + 0.45 * $p, 1.1 * $this->apart, self::INSIDE],
            [$end + 0.9 * $p, $this->apart + 0.5 * ($this->out - $this->apart), self::INSIDE],
            [$end + 0.75 * $p, $this->out, self::FRONT],
        ];
        for ($turn = 0; $turn < $this->turns; ++$turn) {
            for ($eighth = 1; $eighth <= 8; ++$eighth) {
                $share = $turn + $eighth / 8;
                $stations[] = [
                    $end + (0.75 - $share) * $p,
                    $this->out * cos(2 * \M_PI * $share),
                    $eighth < 4 || 8 === $eighth ? self::FRONT : self::BEHIND,
                ];
            }
        }
        array_push(
            $stations,
            [-0.62 * $p, 0.5 * $this->out, self::FRONT],
            [-1.0 * $p, -0.2 * $this->apart, self::FRONT],
            [-0.55 * $p, -$this->apart, self::INSIDE],
            [0.5 * $p, -$this->apart, self::INSIDE],
            [$end + 0.4 * $p, -$this->apart, self::INSIDE],
            [$end + 0.9 * $p + $this->tail, -$this->apart, self::INSIDE],
        );

        return Course::through($name, $stations);
    }

    /**
     * Returns how far along its way a cord has come after so many turns.
     */
    public function turned(Course $course, int $turns): float
    {
        return $course->station(5 + 8 * $turns);
    }
}
