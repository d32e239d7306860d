<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Picture;

use Rinkel\Core\Drawing\EndParts;
use Rinkel\Core\Drawing\EndPicture;
use Rinkel\Core\Drawing\Scene;

/**
 * Two tails with a stop each, and square knots over both.
 *
 * @internal
 */
final readonly class SliderEnds implements EndPicture
{
    public function open(EndParts $parts): Scene
    {
        return $parts->tails([...$parts->knots->stops(0, -1), ...$parts->knots->stops($parts->body(), 1)]);
    }

    public function worn(EndParts $parts, float $gap): Scene
    {
        return $parts->across($gap, $parts->knots->slider($parts->body() + $gap / 2 - $parts->knots->knot() / 2));
    }

    public function sliding(EndParts $parts, float $gap): Scene
    {
        return $parts->overlapping($gap, static fn (float $half): array => [
            ...$parts->knots->slider(($gap - $parts->knots->knot()) / 2),
            ...$parts->knots->stops(0, 1, -$half),
            ...$parts->knots->stops($gap, -1, $half),
        ]);
    }
}
