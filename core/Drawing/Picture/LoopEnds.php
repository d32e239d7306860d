<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Picture;

use Rinkel\Core\Drawing\EndParts;
use Rinkel\Core\Drawing\EndPicture;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Drawing\SceneFrame;
use Rinkel\Core\Material\FindingKind;

/**
 * A loop, or several, on one side and a button on the other.
 *
 * @internal
 */
final readonly class LoopEnds implements EndPicture
{
    public function open(EndParts $parts): Scene
    {
        return $parts->loops->all()->with($this->button($parts));
    }

    public function worn(EndParts $parts, float $gap): Scene
    {
        [$from, $to] = [$parts->body(), $parts->body() + $gap];
        $isStart = $parts->loops->areAtStart();

        return (new Scene(
            new SceneFrame(left: $from, right: $to, height: 0),
            $parts->loops->between($from, $to, $isStart ? -1 : 1),
            [],
        ))
            ->with($parts->row($parts->of(FindingKind::Button), $isStart ? $from : $to, $isStart ? 1 : -1));
    }

    public function sliding(EndParts $parts, float $gap): ?Scene
    {
        return null;
    }

    private function button(EndParts $parts): Scene
    {
        $isStart = $parts->loops->areAtStart();

        return $parts->row($parts->of(FindingKind::Button), $isStart ? $parts->body() : 0.0, $isStart ? 1 : -1);
    }
}
