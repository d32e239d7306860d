<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Picture;

use Rinkel\Core\Drawing\EndParts;
use Rinkel\Core\Drawing\EndPicture;
use Rinkel\Core\Drawing\Scene;

/**
 * Ends, rings, a clasp or a magnet, on either side.
 *
 * @internal
 */
final readonly class FindingEnds implements EndPicture
{
    public function open(EndParts $parts): Scene
    {
        return $parts->held($parts->left(), $parts->otherHalf());
    }

    public function worn(EndParts $parts, float $gap): Scene
    {
        return $parts->joined($gap, $parts->left(), $parts->right());
    }

    public function sliding(EndParts $parts, float $gap): ?Scene
    {
        return null;
    }
}
