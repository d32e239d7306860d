<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

/**
 * Draws the closures of one kind, or of several that look alike.
 *
 * @internal
 */
interface EndPicture
{
    /**
     * Returns what lies left of 0 and right of the body when the piece lies open.
     */
    public function open(EndParts $parts): Scene;

    /**
     * Returns what lies between the body's end and its beginning, $gap mm further, when the piece is worn.
     */
    public function worn(EndParts $parts, float $gap): Scene;

    /**
     * Returns a sliding closure with the body's ends $gap mm apart, each tail beside the other; null for one that does
     * not slide.
     */
    public function sliding(EndParts $parts, float $gap): ?Scene;
}
