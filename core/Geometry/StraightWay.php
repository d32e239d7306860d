<?php

declare(strict_types=1);

namespace Rinkel\Core\Geometry;

/**
 * Straight on: the piece lying flat.
 *
 * @internal
 */
final readonly class StraightWay implements Path
{
    public function at(float $x, float $y): Point
    {
        return new Point($x, $y);
    }

    public function frame(float $x): LocalFrame
    {
        return LocalFrame::turned(0.0);
    }
}
