<?php

declare(strict_types=1);

namespace Rinkel\Core\Geometry;

/**
 * The line along which a piece is drawn; lengths in mm.
 *
 * @internal
 */
interface Path
{
    /**
     * Returns where a point lies that is $x along the line and $y beside it, towards the maker.
     */
    public function at(float $x, float $y): Point;

    /**
     * Returns how the line lies at $x.
     */
    public function frame(float $x): LocalFrame;
}
