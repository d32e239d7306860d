<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

use Rinkel\Core\Measure\Length;

/**
 * A part that is no cord and no bead: what it adds along the piece, how wide it is, and its opening if it has one.
 */
final readonly class Finding
{
    /**
     * @param Length $length along the piece: of a clasp when closed, of a button across the loop
     * @param Length $width  across: of a fold-over end inside, of a toggle its bar
     * @param Length $inside opening: of a ring, a toggle's ring, a slide bead's hole, a magnet's inner diameter
     */
    public function __construct(
        public FindingKind $kind,
        public Length $length,
        public Length $width,
        public Length $inside,
        public bool $nickel = false,
    ) {}
}
