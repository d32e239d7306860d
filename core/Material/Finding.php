<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

use Rinkel\Core\Measure\Length;

/**
 * A part that is no cord and no bead: what it adds along the piece, how wide it is, and its opening if it has one.
 */
final readonly class Finding
{
    /** Along the piece: of a clasp when closed, of a button across the loop. */
    public Length $length;

    /** Across: of a fold-over end inside, of a toggle its bar, of a stone its largest diameter. */
    public Length $width;

    /** Opening: of a ring, a toggle's ring, a slide bead's hole, a magnet's inner diameter, across a link. */
    public Length $inside;

    /**
     * @param Length|null $ownLength as measured, null for what is usual with its kind; the other two likewise
     * @param int|null    $stock     how many there are, null when that is not kept
     * @param ButtonForm  $form      of a button
     */
    private function __construct(
        public FindingKind $kind,
        public ?Length $ownLength,
        public ?Length $ownWidth,
        public ?Length $ownInside,
        public bool $nickel,
        public ?int $stock,
        public ButtonForm $form,
    ) {
        [$length, $width, $inside] = $kind->usualSizes();
        $this->length = $ownLength ?? $length;
        $this->width = $ownWidth ?? $width;
        $this->inside = $ownInside ?? $inside;
    }

    public static function of(
        FindingKind $kind,
        ?Length $length = null,
        ?Length $width = null,
        ?Length $inside = null,
        bool $nickel = false,
        ?int $stock = null,
        ButtonForm $form = ButtonForm::Coin,
    ): self {
        return new self($kind, $length, $width, $inside, $nickel, $stock, $form);
    }

    /**
     * Returns this finding, with no count given.
     */
    public function uncounted(): self
    {
        return new self(
            $this->kind,
            $this->ownLength,
            $this->ownWidth,
            $this->ownInside,
            $this->nickel,
            null,
            $this->form,
        );
    }

    /**
     * Returns the key by which two findings are of one kind: what they do, and their sizes to a tenth of a mm.
     */
    public function materialKey(): string
    {
        return \sprintf(
            'finding %s %.1F %.1F %.1F %s',
            $this->kind->value,
            $this->length->millimetres,
            $this->width->millimetres,
            $this->inside->millimetres,
            FindingKind::Button === $this->kind ? $this->form->value : '-',
        );
    }

    /**
     * Returns one of usual size (from memory; measure your own).
     */
    public static function usual(FindingKind $kind): self
    {
        return self::of($kind);
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
