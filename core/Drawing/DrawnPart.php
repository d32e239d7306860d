<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Pattern\Place;

/**
 * The stretch of the piece that one part of the pattern takes, in mm along the piece.
 *
 * @internal
 */
final readonly class DrawnPart
{
    /**
     * @param Place|null   $place where the part stands in the pattern's text
     * @param string       $word  as of the line's elements
     * @param int          $count of elements in it
     * @param list<string> $roles cords that it takes in knots, else those it runs along
     */
    public function __construct(
        public DrawnBox $box,
        public ?Place $place,
        public string $word,
        public ?string $name,
        public int $count,
        public array $roles = [],
    ) {}
}
