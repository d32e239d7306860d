<?php

declare(strict_types=1);

namespace Rinkel\Core\Line;

use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Pattern\Place;

/**
 * How the pattern says an element.
 *
 * @internal
 */
final readonly class Mention
{
    /**
     * @param int|null $wraps turns of a knot, where they are said of it
     */
    public function __construct(
        public ?Place $place = null,
        public ?string $letter = null,
        public ?int $wraps = null,
    ) {}
}
