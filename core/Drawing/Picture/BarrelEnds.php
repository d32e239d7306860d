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
        $end = $parts->body() + $parts->tail();

        return $this->isDouble
            ? $parts->tails($parts->barrel(-$parts->tail() - $parts->knot(), 0), $parts->barrel($end, 0))
            : $parts->tails(
                $parts->barrel(-$parts->shortTail() - $parts->knot(), 0),
                $parts->stop($end, 0, false),
                $parts->shortTail(),
            );
    }

    public function worn(EndParts $parts, float $gap): Scene
    {
        $body = $parts->body();

        return $parts->across($gap, $this->isDouble
            ? [
                $parts->barrel($body + max(0, $gap - $parts->tail() - $parts->knot()), 0),
                $parts->barrel($body + min($gap - $parts->knot(), $parts->tail()), 0),
            ]
            : [$parts->barrel($body + $gap / 2 - $parts->knot() / 2, 0)]);
    }

    public function sliding(EndParts $parts, float $gap): Scene
    {
        return $parts->overlapping($gap, fn (float $half): array => $this->isDouble
            ? [$parts->barrel($parts->tail(), 0), $parts->barrel($gap - $parts->tail() - $parts->knot(), 0)]
            : [$parts->barrel($parts->shortTail(), 0), $parts->stop($gap - $parts->tail(), $half, true)]);
    }
}
