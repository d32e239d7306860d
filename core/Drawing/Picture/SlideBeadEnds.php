<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Picture;

use Rinkel\Core\Drawing\EndParts;
use Rinkel\Core\Drawing\EndPicture;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Material\FindingKind;

/**
 * Two tails with a stop each, and a bead over both.
 *
 * @internal
 */
final readonly class SlideBeadEnds implements EndPicture
{
    public function open(EndParts $parts): Scene
    {
        return $parts->tails([...$parts->knots->stops(0, -1), ...$parts->knots->stops($parts->body(), 1)]);
    }

    public function worn(EndParts $parts, float $gap): Scene
    {
        return $parts->across($gap)->with(
            $parts->row($parts->of(FindingKind::SlideBead), $parts->body() + $gap / 2 - $parts->knots->knot() / 2, 1),
        );
    }

    public function sliding(EndParts $parts, float $gap): Scene
    {
        return $parts->overlapping($gap, static fn (float $half): array => [
            ...$parts->knots->stops(0, 1, -$half),
            ...$parts->knots->stops($gap, -1, $half),
        ])->with($parts->row($parts->of(FindingKind::SlideBead), ($gap - $parts->knots->knot()) / 2, 1));
    }
}
