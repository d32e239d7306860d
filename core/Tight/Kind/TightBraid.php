<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight\Kind;

use Rinkel\Core\Drawing\CordKnots;
use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Tight\Cell;
use Rinkel\Core\Tight\Inside;
use Rinkel\Core\Tight\KnotSize;
use Rinkel\Core\Tight\Lifting;
use Rinkel\Core\Tight\Rope;
use Rinkel\Core\Tight\Tangle;
use Rinkel\Core\Tight\Tightened;
use Rinkel\Core\Tight\TightKnot;

/**
 * A flat braid of three: one turn, in which each strand comes back to where it began. A push below nothing pulls it.
 *
 * @internal
 */
final readonly class TightBraid implements TightKnot
{
    private const PITCH = 12.0;
    private const OPEN = 2.4;

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
        $laid = new Lifting(1.0);

        return Tangle::of(array_map(static function (Course $course) use ($laid): Rope {
            $each = intdiv(\count($course->points) - 3, 2);

            return $laid->repeated($course, 0, $each);
        }, CordKnots::braid(self::PITCH, self::OPEN, 2)), [], Cell::straight(self::PITCH, $push));
    }

    public function read(Tightened $tight): KnotSize
    {
        [$width, $height] = $tight->size();

        return new KnotSize($tight->tangle->lengths(), $tight->tangle->cell->pitch, $width, $height);
    }
}
