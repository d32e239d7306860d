<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Place;

/**
 * A net of knots around a stone: "net 5 every 12 mm".
 */
final readonly class Net implements Node
{
    /**
     * @param int    $rows  1 to 60
     * @param Length $every from knot to knot along a cord
     */
    public function __construct(
        public int $rows,
        public Length $every,
        private ?Place $place = null,
    ) {}

    public function place(): ?Place
    {
        return $this->place;
    }
}
