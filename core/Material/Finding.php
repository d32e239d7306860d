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
     * Returns one of usual size (from memory; measure your own).
     */
    public static function usual(FindingKind $kind): self
    {
        [$length, $width, $inside] = match ($kind) {
            FindingKind::Clasp => [12, 6, 0],
            FindingKind::Ring => [5, 5, 4],
            FindingKind::FoldOverEnd => [8, 4, 3],
            FindingKind::CordEnd => [9, 4, 3],
            FindingKind::CrimpCover => [4, 4, 2],
            FindingKind::Toggle => [20, 18, 10],
            FindingKind::Extender => [50, 3, 2],
            FindingKind::Button => [12, 3, 2],
            FindingKind::Connector => [16, 16, 12],
            FindingKind::Charm => [12, 12, 2],
            FindingKind::SlideBead => [8, 8, 2],
            FindingKind::Magnet => [20, 10, 8],
            FindingKind::Link => [9, 7, 4.5],
            FindingKind::Stone => [28, 18, 0],
        };

        return new self($kind, Length::ofMillimetres($length), Length::ofMillimetres($width), Length::ofMillimetres($inside));
    }

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
