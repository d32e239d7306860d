<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Place;

/**
 * A run of knots of one kind: "6 square", "42 half left", "1 barrel 3".
 */
final readonly class Knots implements Node
{
    /**
     * @param int         $count 1 to 2000
     * @param int|null    $wraps of a knot of which turns are said, 2 to 5
     * @param string|null $cord  the pair of working cords that ties them, where there are several
     */
    public function __construct(
        public int $count,
        public Knot $kind,
        public ?int $wraps = null,
        public ?string $cord = null,
        private ?Place $place = null,
    ) {}

    public function place(): ?Place
    {
        return $this->place;
    }
}
