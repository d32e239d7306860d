<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight\Kind;

use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Drawing\Hitches;
use Rinkel\Core\Geometry\Curve;
use Rinkel\Core\Tight\Cell;
use Rinkel\Core\Tight\Inside;
use Rinkel\Core\Tight\KnotSize;
use Rinkel\Core\Tight\Lifting;
use Rinkel\Core\Tight\Tangle;
use Rinkel\Core\Tight\Tightened;
use Rinkel\Core\Tight\TightKnot;

/**
 * Hitches of one cord along cores: half hitches, all over the core first, or vertical lark's heads, over it and behind
 * it by turns. A lark's head is two hitches.
 *
 * @internal
 */
final readonly class TightHitches implements TightKnot
{
    private const TOGETHER = 2;
    private const STATIONS = 10;
    private const PITCH = 4.4;
    private const EASE = 1.6;

    /**
     * @param int $each hitches that are one knot
     */
    private function __construct(private bool $alternates, private int $each) {}

    public static function half(): self
    {
        return new self(false, 1);
    }

    public static function verticalLarksHead(): self
    {
        return new self(true, 2);
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
        $hitches = new Hitches([true, !$this->alternates, true], $half + 0.7, self::PITCH, self::EASE);
        $rope = (new Lifting($height + 0.7))->repeated(
            Course::through('cord', $hitches->stations()),
            Curve::FINE,
            (1 + self::TOGETHER * self::STATIONS) * Curve::FINE,
        );

        return Tangle::of([$rope], $inside->rods(), Cell::straight(self::TOGETHER * self::PITCH, $push));
    }

    public function read(Tightened $tight): KnotSize
    {
        $share = $this->each / self::TOGETHER;
        [$width, $height] = $tight->size();

        return new KnotSize(
            [$share * $tight->tangle->lengths()[0]],
            $share * $tight->tangle->cell->pitch,
            $width,
            $height,
        );
    }
}
