<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight\Kind;

use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Drawing\HalfKnots;
use Rinkel\Core\Geometry\Curve;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Tight\Cell;
use Rinkel\Core\Tight\Inside;
use Rinkel\Core\Tight\KnotSize;
use Rinkel\Core\Tight\Lifting;
use Rinkel\Core\Tight\Rope;
use Rinkel\Core\Tight\Tangle;
use Rinkel\Core\Tight\Tightened;
use Rinkel\Core\Tight\TightKnot;

/**
 * Half knots over cores, one after the other: of a flat band, whose sides alternate, or of a spiral, which turns.
 *
 * @internal
 */
final readonly class TightHalfKnots implements TightKnot
{
    /** Half knots that repeat. */
    private const TOGETHER = 2;

    /** How far apart they are laid, and how much further out than tied. */
    private const PITCH = 4.6;
    private const EASE = 1.8;

    private function __construct(private bool $turns) {}

    public static function flat(): self
    {
        return new self(false);
    }

    public static function spiral(): self
    {
        return new self(true);
    }

    public function isAround(): bool
    {
        return true;
    }

    public function counted(): array
    {
        return [];
    }

    public function laid(Inside $inside, float $push = 0.0): Tangle
    {
        [$half, $height] = $inside->half();
        $laid = new Lifting($height + 0.7);
        $knots = new HalfKnots($half + 0.7, self::PITCH, self::EASE);
        $sides = [Side::Left, $this->turns ? Side::Left : Side::Right];
        $ropes = array_map(static function (Side $side) use ($knots, $sides, $laid): Rope {
            $stations = $knots->stations($side, $sides);
            $course = Course::through('cord', $stations);

            return $laid->repeated($course, 0, (\count($stations) - 1) * Curve::FINE);
        }, [Side::Left, Side::Right]);
        $pitch = self::TOGETHER * self::PITCH;

        return Tangle::of(
            $ropes,
            $inside->rods(),
            $this->turns ? Cell::turning($pitch, push: $push) : Cell::straight($pitch, $push),
        );
    }

    public function read(Tightened $tight): KnotSize
    {
        [$width, $height] = $tight->size();

        return new KnotSize(
            array_map(static fn (float $length): float => $length / self::TOGETHER, $tight->tangle->lengths()),
            $tight->tangle->cell->pitch / self::TOGETHER,
            $width,
            $height,
            rad2deg($tight->tangle->cell->twist) / self::TOGETHER,
        );
    }
}
