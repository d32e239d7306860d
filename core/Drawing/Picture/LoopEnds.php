<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Picture;

use Rinkel\Core\Drawing\EndParts;
use Rinkel\Core\Drawing\EndPicture;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Material\FindingKind;

/**
 * A loop, or several, on one side and a button on the other.
 */
final readonly class LoopEnds implements EndPicture
{
    public function open(EndParts $parts): Scene
    {
        return $parts->loops->all()->with($parts->row($parts->findings->of([FindingKind::Button]), $parts->body(), 1));
    }

    public function worn(EndParts $parts, float $gap): Scene
    {
        return (new Scene(
            $parts->body(),
            $parts->body() + $gap,
            0,
            [$parts->loops->between($parts->body(), $parts->body() + $gap)],
            [],
        ))
            ->with($parts->row($parts->findings->of([FindingKind::Button]), $parts->body(), 1));
    }

    public function sliding(EndParts $parts, float $gap): ?Scene
    {
        return null;
    }
}
