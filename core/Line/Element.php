<?php

declare(strict_types=1);

namespace Rinkel\Core\Line;

use Rinkel\Core\Knot\Kind\VerticalLarksHead;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\KnotBook;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node\Lane;

/**
 * One box on the line: a knot, a bead, a stretch of cord, with its length along the piece and what it takes of each
 * cord.
 *
 * Knots and beads that lie side by side on left and right are one element with its parts in $beside.
 *
 * @internal
 */
final readonly class Element
{
    /** @var list<string> */
    private array $names;

    /**
     * @param string|null         $name   of a bead or finding; the letter is in $letter
     * @param array<string, Take> $takes  by cord role, of one cord (or one half of a folded one)
     * @param Knot|null           $knot   of an element that is one
     * @param array<int, self>    $beside in order, or by strand from 0
     */
    public function __construct(
        public ElementKind $kind,
        public ?string $name,
        public Extent $extent,
        public array $takes,
        public Mention $mention = new Mention(),
        public Seat $seat = new Seat(),
        public ?Knot $knot = null,
        public array $beside = [],
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
     * Returns whether it is tied of knots that are pushed together.
     */
    public function isPushed(): bool
    {
        return true === $this->knot?->manner()->isPushed()
            || \in_array($this->kind, [ElementKind::Rows, ElementKind::Wave], true);
    }

    /**
     * Returns of which kind the knots are that it is made of: a wave's length and use are its lark's heads'.
     */
    public function madeOf(): string
    {
        return ElementKind::Wave === $this->kind ? (new VerticalLarksHead())->word() : $this->word();
    }

    /**
     * Returns whether a sample says what it measures and takes.
     */
    public function isSampledIn(KnotBook $book): bool
    {
        return null === $this->knot ? null !== $book->sampleOf($this->word()) : $book->hasSample($this->knot);
    }

    /**
     * Returns which share of its length its knots make up: all of a knot, what beads leave of a step of rows or of an
     * arm of a wave.
     */
    public function knotted(): float
    {
        $long = static fn (self $bead): float => $bead->extent->length->millimetres;
        $beads = match ($this->kind) {
            ElementKind::Rows => max(array_map($long, $this->beside) ?: [0.0]),
            ElementKind::Wave => array_sum(array_map($long, array_filter(
                $this->beside,
                static fn (self $bead): bool => Lane::Core === $bead->seat->lane,
            ))) / 2,
            default => null === $this->knot ? \INF : 0.0,
        };
        $core = ($this->takes['core'] ?? null)?->straight->millimetres ?? 1.0;

        return max(0.0, 1 - $beads / max(1e-9, $core));
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
        $length = Length::longest(Length::zero(), $this->extent->length->minus($half));
        $share = $this->extent->length->isZero() ? 0.0 : $length->ratioTo($this->extent->length);

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
            extent: new Extent(
                length: $length ?? $this->extent->length,
                width: $this->extent->width,
                thickness: $this->extent->thickness,
                raised: $this->extent->raised,
                stretches: $stretches ?? $this->extent->stretches,
                centres: $centres ?? $this->extent->centres,
            ),
            takes: $takes ?? $this->takes,
            mention: $this->mention,
            seat: new Seat(
                lane: $lane ?? $this->seat->lane,
                strand: $strand ?? $this->seat->strand,
                hangs: $this->seat->hangs,
                level: $this->seat->level,
            ),
            knot: $knot ?? $this->knot,
            beside: $beside ?? $this->beside,
        );
    }
}
