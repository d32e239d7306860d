<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

/**
 * Draws the knots of one kind, or of several that look alike.
 *
 * @internal
 */
interface KnotPicture
{
    /**
     * Returns a run of such knots at its place.
     *
     * @return list<Placed>
     */
    public function placed(KnotRun $run): array;
}
