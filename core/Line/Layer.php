<?php

declare(strict_types=1);

namespace Rinkel\Core\Line;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node\Below;

/**
 * One more strand of a necklace: a line of its own, on a cord of its own, that hangs lower than the one before.
 *
 * @internal
 */
final readonly class Layer
{
    /**
     * @param string $role of its cord
     */
    public function __construct(
        public Below $part,
        public string $role,
        public Line $line,
    ) {}

    public function lower(): Length
    {
        return $this->part->lower;
    }
}
