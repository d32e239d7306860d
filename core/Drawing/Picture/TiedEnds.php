<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Picture;

use Rinkel\Core\Drawing\EndParts;
use Rinkel\Core\Drawing\EndPicture;
use Rinkel\Core\Drawing\Scene;

/**
 * Two tails to tie by hand.
 *
 * @internal
 */
final readonly class TiedEnds implements EndPicture
{
    public function open(EndParts $parts): Scene
    {
        return $parts->tails(
            $parts->isTipped() ? [...$parts->knots->stops(0, -1), ...$parts->knots->stops($parts->body(), 1)] : [],
        );
    }

    public function worn(EndParts $parts, float $gap): Scene
    {
        return $parts->across($gap);
    }

    public function sliding(EndParts $parts, float $gap): ?Scene
    {
        return null;
    }
}
