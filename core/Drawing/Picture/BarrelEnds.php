<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Picture;

use Rinkel\Core\Drawing\EndParts;
use Rinkel\Core\Drawing\EndPicture;
use Rinkel\Core\Drawing\Scene;

/**
 * A barrel at the end of each tail, or one on a short tail and a stop on the other.
 *
 * @internal
 */
final readonly class BarrelEnds implements EndPicture
{
    public function __construct(private bool $isDouble) {}

    public function open(EndParts $parts): Scene
    {
        $knots = $parts->knots;
        $body = $parts->body();

        return $this->isDouble
            ? $parts->tails([
                $knots->barrel(-$knots->tail() - $knots->knot(), 0),
                $knots->barrel($body + $knots->tail(), 0),
            ])
            : $parts->tails(
                [...$knots->stops(0, -1), $knots->barrel($body + $knots->shortTail(), 0)],
                $knots->shortTail() + $knots->knot() + $parts->stays(),
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
            ? [
                $parts->knots->barrel($parts->knots->tail(), 0),
                $parts->knots->barrel($gap - $parts->knots->tail() - $parts->knots->knot(), 0),
            ]
            : [$parts->knots->barrel($parts->knots->shortTail(), 0), ...$parts->knots->stops($gap, -1, $half)]);
    }
}
