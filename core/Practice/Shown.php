<?php

declare(strict_types=1);

namespace Rinkel\Core\Practice;

use Rinkel\Core\Knot\Side;

/**
 * A frame of a lesson to look at.
 *
 * @internal
 */
final readonly class Shown
{
    /**
     * @param int $frame from 0
     */
    public function __construct(
        public string $lesson,
        public int $frame,
        public Side $side,
    ) {}
}
