<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Picture;

use Rinkel\Core\Drawing\EndParts;
use Rinkel\Core\Drawing\EndPicture;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Drawing\SceneFrame;

/**
 * Ends that meet, with nothing to be seen between them.
 *
 * @internal
 */
final readonly class JoinedEnds implements EndPicture
{
    public function open(EndParts $parts): Scene
    {
        return new Scene(
            new SceneFrame(left: 0, right: $parts->body(), height: 0),
            [],
            [],
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
