<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight\Kind;

use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Knot\DrawnWay;
use Rinkel\Core\Tight\Inside;
use Rinkel\Core\Tight\Internal\Held;
use Rinkel\Core\Tight\KnotSize;
use Rinkel\Core\Tight\Lifting;
use Rinkel\Core\Tight\Tangle;
use Rinkel\Core\Tight\Tightened;
use Rinkel\Core\Tight\TightKnot;

/**
 * A knot of somebody's own, as they drew it.
 *
 * @internal
 */
final readonly class TightDrawn implements TightKnot
{
    private const BEYOND = 14.0;

    /** A square of the paper is so many diameters wide: enough to go over and under from one crossing to the next. */
    private const SQUARE = 3.0;

    public function __construct(private DrawnWay $way) {}

    public function isAround(): bool
    {
        return false;
    }

    public function counted(): array
    {
        return [];
    }

    public function laid(Inside $inside, float $push = 0.0): Tangle
    {
        $course = Course::of('cord', $this->way->onSquaresOf(self::SQUARE), $this->way->levels());

        return Tangle::of([(new Lifting(-1.3, 1.3))->held($course, self::BEYOND)]);
    }

    public function read(Tightened $tight): KnotSize
    {
        return Held::size($tight);
    }
}
