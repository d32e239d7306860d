<?php

declare(strict_types=1);

namespace Rinkel\Core\Line;

use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Pattern\Place;

/**
 * One box on the line: a knot, a bead, a stretch of cord, with its length along the piece and what it takes of each
 * cord.
 *
 * Knots and beads that lie side by side on left and right are one element with its parts in $beside.
 */
final readonly class Element
{
    /** @var list<string> */
    private array $names;

    /**
     * @param string|null         $name      of a bead or finding; the letter is in $letter
     * @param array<string, Take> $takes     by cord role, of one cord (or one half of a folded one)
     * @param array<int, self>    $beside    in order, or by strand from 0
     * @param bool                $stretches whether the element is bare cord that takes up what the length leaves
     * @param int|null            $wraps     turns of a knot, where they are said of it
     * @param Knot|null           $knot      of an element that is one
     * @param Length|null         $raised    how long its middle is that stands as thick as said, the rest half as much
     * @param int|null            $strand    from 1, of a bead that sits on one of several cores of a band
     * @param bool                $level     of rows, whether they lie side by side, not half a step on
     * @param bool                $centres   of bare cord, whether its length still counts from centre to centre of what
     *                                       lies on either side
     * @param bool                $hangs     whether it hangs from the piece and does not lie on the body
     */
    public function __construct(
        public ElementKind $kind,
        public ?string $name,
        public Length $length,
        public Length $width,
        public Length $thickness,
        public array $takes,
        public ?Place $place = null,
        public Lane $lane = Lane::Core,
        public ?string $letter = null,
        public array $beside = [],
        public bool $stretches = false,
        public ?int $wraps = null,
        public ?Knot $knot = null,
        public bool $hangs = false,
        public ?Length $raised = null,
        public ?int $strand = null,
        public bool $centres = false,
        public bool $level = false,
    ) {
        $this->names = match (true) {
            [] !== $beside => array_merge(
                ...array_map(static fn (self $part): array => $part->names, array_values($beside)),
            ),
            null === $name => [],
            $this->isBead(), \in_array($kind, [ElementKind::Focal, ElementKind::Charm], true) => [$name],
            default => [],
        };
    }

    public function isBead(): bool
    {
        return $this->kind->isBead();
    }

    /**
     * Returns the one word for it: of a knot that knot's, "square", "half left"; else "bead", "letter", "gap", "focal",
     * ….
     */
    public function word(): string
    {
        return $this->knot?->word() ?? $this->kind->value;
    }

    /**
     * Returns this element as long as $length. What it takes straight it says for one millimetre.
     */
    public function stretchedTo(Length $length): self
    {
        return $this->with(
            length: $length,
            takes: array_map(
                static fn (Take $take): Take => $take->along($take->straight->times($length->millimetres)),
                $this->takes,
            ),
            stretches: true,
            centres: false,
        );
    }

    /**
     * Returns this bare cord between what lies before and after it, so that their centres are as far apart as it says;
     * never less than nothing.
     *
     * @param Length|null $before length of what lies there, null for nothing
     */
    public function between(?Length $before, ?Length $after): self
    {
        $half = ($before ?? Length::zero())->plus($after ?? Length::zero())->times(0.5);
        $length = Length::longest(Length::zero(), $this->length->minus($half));
        $share = $this->length->isZero() ? 0.0 : $length->ratioTo($this->length);

        return $this->with(
            length: $length,
            takes: array_map(static fn (Take $take): Take => $take->times($share), $this->takes),
            centres: false,
        );
    }

    /**
     * Returns this bead once on each of $strands, counted from 0.
     *
     * @param non-empty-list<int> $strands
     */
    public function onStrands(array $strands): self
    {
        return $this->with(beside: array_fill_keys($strands, $this));
    }

    /**
     * Returns this bead on one of several cores of a band.
     *
     * @param int $strand from 1
     */
    public function onCore(int $strand): self
    {
        return $this->with(lane: Lane::Strand, strand: $strand);
    }

    /**
     * Returns the names of all beads in it, one entry for each.
     *
     * @return list<string>
     */
    public function beads(): array
    {
        return $this->names;
    }

    /**
     * Returns what a mirror shows: a knot turned the other way, beads side by side in reverse order.
     */
    public function mirrored(): self
    {
        return $this->turned($this->knot?->mirrored());
    }

    /**
     * Returns the same from its other end: beads side by side in reverse order, a knot as it is.
     */
    public function reversed(): self
    {
        return $this->turned($this->knot);
    }

    /**
     * Returns the same with beads called otherwise that are as large.
     *
     * @param callable(string): string $rename
     */
    public function called(callable $rename): self
    {
        $name = null === $this->name ? null : $rename($this->name);
        $beside = array_map(static fn (self $part): self => $part->called($rename), $this->beside);

        return $name === $this->name && $beside === $this->beside ? $this : $this->with(name: $name, beside: $beside);
    }

    private function turned(?Knot $knot): self
    {
        $beside = ElementKind::Beside === $this->kind ? array_reverse($this->beside) : $this->beside;

        return $knot === $this->knot && $beside === $this->beside ? $this : $this->with(beside: $beside, knot: $knot);
    }

    /**
     * Returns the same but for what is said.
     *
     * @param array<string, Take>|null $takes
     * @param array<int, self>|null    $beside
     */
    private function with(
        ?string $name = null,
        ?Length $length = null,
        ?array $takes = null,
        ?Lane $lane = null,
        ?array $beside = null,
        ?bool $stretches = null,
        ?Knot $knot = null,
        ?int $strand = null,
        ?bool $centres = null,
    ): self {
        return new self(
            $this->kind,
            $name ?? $this->name,
            $length ?? $this->length,
            width: $this->width,
            thickness: $this->thickness,
            takes: $takes ?? $this->takes,
            place: $this->place,
            lane: $lane ?? $this->lane,
            letter: $this->letter,
            beside: $beside ?? $this->beside,
            stretches: $stretches ?? $this->stretches,
            wraps: $this->wraps,
            knot: $knot ?? $this->knot,
            hangs: $this->hangs,
            raised: $this->raised,
            strand: $strand ?? $this->strand,
            centres: $centres ?? $this->centres,
            level: $this->level,
        );
    }
}
