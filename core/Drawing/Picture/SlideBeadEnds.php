<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Picture;

use Rinkel\Core\Drawing\EndParts;
use Rinkel\Core\Drawing\EndPicture;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Material\FindingKind;

/**
 * Two tails with a stop each, and a bead over both.
 */
final readonly class SlideBeadEnds implements EndPicture
{
    public function open(EndParts $parts): Scene
    {
        return $parts->tails(
            $parts->stop(-$parts->tail(), 0, true),
            $parts->stop($parts->body() + $parts->tail(), 0, false),
        );
    }

    public function worn(EndParts $parts, float $gap): Scene
    {
        return $parts->across($gap)->with(
            $parts->row($parts->findings([FindingKind::SlideBead]), $parts->body() + $gap / 2 - $parts->knot() / 2, 1),
        );
    }

    public function sliding(EndParts $parts, float $gap): Scene
    {
        return $parts->overlapping($gap, static fn (float $half): array => [
            $parts->stop($parts->tail(), -$half, false),
            $parts->stop($gap - $parts->tail(), $half, true),
        ])->with($parts->row($parts->findings([FindingKind::SlideBead]), ($gap - $parts->knot()) / 2, 1));
    }
}
