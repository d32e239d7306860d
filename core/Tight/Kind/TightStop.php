<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight\Kind;

use Rinkel\Core\Drawing\Coil;
use Rinkel\Core\Drawing\StopKnot;
use Rinkel\Core\Tight\Inside;
use Rinkel\Core\Tight\Internal\Held;
use Rinkel\Core\Tight\KnotSize;
use Rinkel\Core\Tight\Lifting;
use Rinkel\Core\Tight\Rod;
use Rinkel\Core\Tight\Tangle;
use Rinkel\Core\Tight\Tightened;
use Rinkel\Core\Tight\TightKnot;

/**
 * A knot whose ends are pulled apart: an overhand of one cord or of several together, or a barrel of some wraps,
 * perhaps around another cord.
 *
 * @internal
 */
final readonly class TightStop implements TightKnot
{
    /** How far beyond the knot its ends are held. */
    private const BEYOND = 14.0;

    /** An overhand is laid so many times as large as it is tied. */
    private const SPREAD = 3.4;

    /**
     * @param int  $wraps  0 of an overhand
     * @param bool $slides whether another cord runs through it
     * @param int  $cords  that are tied together
     */
    private function __construct(private int $wraps, private bool $slides, private int $cords = 1) {}

    /**
     * @param int $cords from 1 to 6, tied together as one
     */
    public static function overhand(int $cords = 1): self
    {
        return $cords >= 1 && $cords <= 6
            ? new self(0, false, $cords)
            : throw new \InvalidArgumentException('1 to 6 cords are tied together.');
    }

    /**
     * @param int $wraps from 1 to 6
     */
    public static function barrel(int $wraps, bool $slides = false): self
    {
        return $wraps >= 1 && $wraps <= 6
            ? new self($wraps, $slides)
            : throw new \InvalidArgumentException('A barrel has 1 to 6 wraps.');
    }

    public function isAround(): bool
    {
        return $this->slides;
    }

    public function counted(): array
    {
        return match (true) {
            $this->wraps > 0 => ['wraps' => $this->wraps],
            $this->cords > 1 => ['cords' => $this->cords],
            default => [],
        };
    }

    public function laid(Inside $inside, float $push = 0.0): Tangle
    {
        if ($this->cords > 1) {
            $size = 1 + 1.12 / sin(\M_PI / $this->cords);

            return Tangle::of((new Lifting(-1.2 * $size, 1.2 * $size))->together(
                StopKnot::course('cord', self::SPREAD * $size),
                $this->cords,
                self::BEYOND / 4, // laid so much larger it is held far enough already
            ));
        }
        if (0 === $this->wraps) {
            return Tangle::of([(new Lifting(-1.2, 1.2))->held(StopKnot::course('cord', self::SPREAD), self::BEYOND)]);
        }
        $apart = $this->slides ? $inside->diameter / 2 + 0.8 : 0.8;
        $coil = new Coil($this->wraps, 2.0, $apart + 1.4, $apart);

        return Tangle::of(
            [(new Lifting($apart + 1.2))->held($coil->course('cord'), self::BEYOND)],
            $this->slides ? [new Rod(0.0, 0.0, $inside->diameter)] : [],
        );
    }

    public function read(Tightened $tight): KnotSize
    {
        return Held::size($tight);
    }
}
