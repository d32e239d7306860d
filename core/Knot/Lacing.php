<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot;

use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Measure\Length;

/**
 * A cord laced through a chain, across each link and around its wire to the next (geometry).
 *
 * @internal
 */
final readonly class Lacing
{
    public function __construct(private Finding $link) {}

    /**
     * Returns what one link takes of each of so many cords that are laced together.
     */
    public function use(Cord $cord, int $together): Length
    {
        $thick = $cord->thickness->times(sqrt($together));
        $across = Length::ofMillimetres(hypot($this->link->pitch()->millimetres, $this->link->inside->millimetres));

        return $across->plus($this->link->wire()->plus($thick)->times(2));
    }
}
