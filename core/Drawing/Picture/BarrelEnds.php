<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Picture;

use Rinkel\Core\Drawing\EndParts;
use Rinkel\Core\Drawing\EndPicture;
use Rinkel\Core\Drawing\Scene;

/**
 * A barrel at the end of each tail, or one on a short tail and a stop on the other.
 */
final readonly class BarrelEnds implements EndPicture
{
    public function __construct(private bool $isDouble) {}

    public function open(EndParts $parts): Scene
    {
        $end = $parts->body() + $parts->knots->tail();

        return $this->isDouble
            ? $parts->tails($parts->knots->barrel(-$parts->knots->tail() - $parts->knots->knot(), 0), $parts->knots->barrel($end, 0))
            : $parts->tails(
                $parts->knots->barrel(-$parts->knots->shortTail() - $parts->knots->knot(), 0),
                $parts->knots->stop($end, 0, false),
                $parts->knots->shortTail(),
            );
    }

    public function worn(EndParts $parts, float $gap): Scene
    {
        $body = $parts->body();

        return $parts->across($gap, $this->isDouble
            ? [
                $parts->knots->barrel($body + max(0, $gap - $parts->knots->tail() - $parts->knots->knot()), 0),
                $parts->knots->barrel($body + min($gap - $parts->knots->knot(), $parts->knots->tail()), 0),
            ]
            : [$parts->knots->barrel($body + $gap / 2 - $parts->knots->knot() / 2, 0)]);
    }

    public function sliding(EndParts $parts, float $gap): Scene
    {
        return $parts->overlapping($gap, fn (float $half): array => $this->isDouble
            ? [$parts->knots->barrel($parts->knots->tail(), 0), $parts->knots->barrel($gap - $parts->knots->tail() - $parts->knots->knot(), 0)]
            : [$parts->knots->barrel($parts->knots->shortTail(), 0), $parts->knots->stop($gap - $parts->knots->tail(), $half, true)]);
    }
}
