<?php

declare(strict_types=1);

namespace Rinkel\Core\Line;

/**
 * What a box on the line is. Of a knot, the element says which.
 *
 * @internal
 */
enum ElementKind: string
{
    case Knot = 'knot';
    case Bead = 'bead';

    /** A bead that shows one letter of a word. */
    case Letter = 'letter';

    /** The bead or finding in the middle. */
    case Focal = 'focal';

    /** Cord that carries nothing and ties nothing. */
    case Bare = 'gap';

    /** Beads on the left and right of the core, or on both ends of a folded cord. */
    case Beside = 'beside';

    /** One step of rows of beads side by side. */
    case Rows = 'rows';

    /** One wave of two arms. */
    case Wave = 'wave';

    /** One link of a chain, laced or braided around. */
    case Link = 'link';

    /** The rows of meshes of a net, which add nothing to the length. */
    case Net = 'net';

    case Braid = 'braid';

    /** What hangs from the piece and takes no length of it. */
    case Charm = 'hang';

    public function isBead(): bool
    {
        return self::Bead === $this || self::Letter === $this;
    }
}
