<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Pattern\Place;

/**
 * The stretch of the piece that one part of the pattern takes, in mm along the piece.
 */
final readonly class DrawnPart
{
    /**
     * @param Place|null   $place  where the part stands in the pattern's text
     * @param string       $word   as of the line's elements
     * @param int          $count  of elements in it
     * @param list<string> $roles  cords that it takes in knots, else those it runs along
     * @param float        $height across the piece
     * @param float|null   $y      its axis, where it is not the whole piece that lies there
     */
    public function __construct(
        public float $from,
        public float $to,
        public float $height,
        public ?Place $place,
        public string $word,
        public ?string $name,
        public int $count,
        public array $roles = [],
        public ?float $y = null,
    ) {}
}
