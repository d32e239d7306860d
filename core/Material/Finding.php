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
     * @param Length   $length along the piece: of a clasp when closed, of a button across the loop
     * @param Length   $width  across: of a fold-over end inside, of a toggle its bar, of a stone its largest diameter
     * @param Length   $inside opening: of a ring, a toggle's ring, a slide bead's hole, a magnet's inner diameter, across a link
     * @param int|null $stock  how many there are, null when that is not kept
     */
    public function __construct(
        public FindingKind $kind,
        public Length $length,
        public Length $width,
        public Length $inside,
        public bool $nickel = false,
        public ?int $stock = null,
    ) {}

    /**
     * Returns what one link of a chain adds to it: its length less the wire that lies in the next one.
     */
    public function pitch(): Length
    {
        return $this->length->minus($this->wire()->times(2));
    }

    /**
     * Returns the thickness of the wire that a ring or a link is bent of.
     */
    public function wire(): Length
    {
        return Length::longest($this->width->minus($this->inside)->times(0.5), Length::ofMillimetres(0.5));
    }
}
