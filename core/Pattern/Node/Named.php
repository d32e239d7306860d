<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

/**
 * What the names are that a part of a pattern says.
 *
 * @internal
 */
enum Named
{
    case Beads;

    /** In the middle, or hanging: a bead, or a finding. */
    case BeadOrFinding;

    case Links;

    /** A pair of working cords, or the cord that carries a strand. */
    case Cords;

    /** What changes places in a group: beads and cords alike. */
    case Either;

    public function isOfBeads(): bool
    {
        return self::Cords !== $this;
    }

    public function isOfCords(): bool
    {
        return self::Cords === $this || self::Either === $this;
    }
}
