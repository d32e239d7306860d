<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

use Rinkel\Core\Closure\Fastened;
use Rinkel\Core\Fit\Ring;
use Rinkel\Core\Knot\KnotBook;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\Line;
use Rinkel\Core\Line\Setting;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\Piece;

/**
 * A piece set to its wearer, before cutting and judging: the line, the ring it makes, the closure worked out for it.
 */
final readonly class Draft
{
    /** @var list<Layered> strands that hang below the first */
    public array $layers;

    /**
     * @param Length $goal body length that the line was set to
     */
    public function __construct(
        public Piece $piece,
        public Line $line,
        public Ring $ring,
        public Setting $setting,
        public Fastened $fastened,
        public Length $goal,
        public Construction $construction,
        public ?Length $nearest = null,
    ) {
        $this->layers = [] === $line->layers
            ? []
            : Layered::all($this, $setting->length->plus($fastened->span->narrow), $setting->beads());
    }

    /**
     * Returns the settings of all strands, the first above.
     *
     * @return non-empty-list<Setting>
     */
    public function settings(): array
    {
        return [$this->setting, ...array_map(static fn (Layered $layer): Setting => $layer->setting, $this->layers)];
    }

    /**
     * Returns how often each fit stands, in the order of the pattern's text.
     *
     * @return list<int>
     */
    public function counts(): array
    {
        return array_merge(...array_map(static fn (Setting $setting): array => $setting->counts, $this->settings()));
    }

    /**
     * Returns what lies on any strand, one strand after the other.
     *
     * @return list<Element>
     */
    public function elements(): array
    {
        return [] === $this->layers
            ? $this->setting->elements
            : array_merge(...array_map(static fn (Setting $setting): array => $setting->elements, $this->settings()));
    }

    /**
     * Returns the same, chosen instead of what is nearer to what was wished but wears worse: that is so much over.
     */
    public function insteadOf(Length $over): self
    {
        return new self(
            $this->piece,
            $this->line,
            $this->ring,
            $this->setting,
            $this->fastened,
            $this->goal,
            $this->construction,
            $over,
        );
    }

    /**
     * Returns whether the piece is two halves hung on the one finding that lies in it with something on either side. At
     * one end of the piece it is a part of the closure; cords run on through several.
     */
    public function isHalved(): bool
    {
        return CoreHanging::of($this->piece, $this->setting->elements);
    }

    /**
     * Returns the stones that are glued into the focal finding of a piece, last of all; in a net they lie loose.
     *
     * @return list<string> by name
     */
    public function stones(): array
    {
        $stones = array_filter(
            $this->piece->findings,
            static fn (Finding $finding): bool => FindingKind::Stone === $finding->kind,
        );

        return null === $this->setFor() ? [] : array_map(strval(...), array_keys($stones));
    }

    /**
     * Returns the focal finding that takes a stone in; null where the piece has none, or a net for it.
     */
    public function setFor(): ?string
    {
        foreach (Look::Net === $this->construction->look() ? [] : $this->elements() as $element) {
            if (ElementKind::Focal === $element->kind && null !== $element->name
                && isset($this->piece->findings[$element->name])) {
                return $element->name;
            }
        }

        return null;
    }

    /**
     * Returns every knot as its maker ties it in this piece.
     */
    public function book(): KnotBook
    {
        return $this->piece->knots($this->construction->maker($this->piece)->ground(...));
    }

    /**
     * Returns how many of each bead or focal the piece takes, in its body and at its tails, by short name.
     *
     * @return array<string, int>
     */
    public function beads(): array
    {
        $beads = $this->setting->beads();
        foreach ($this->layers as $layer) {
            foreach ($layer->setting->beads() as $name => $count) {
                $beads[$name] = ($beads[$name] ?? 0) + $count;
            }
        }
        foreach ($this->stones() as $name) {
            $beads[$name] = ($beads[$name] ?? 0) + 1;
        }
        foreach ($this->fastened->fittings->beads as $name => $count) {
            $beads[$name] = ($beads[$name] ?? 0) + $count;
        }
        ksort($beads);

        return $beads;
    }

    /**
     * Returns how many beads the piece takes in all; what hangs or is laid in as a finding is none.
     */
    public function beadCount(): int
    {
        return array_sum(array_intersect_key($this->beads(), $this->piece->beads));
    }

    /**
     * Returns which letters of each letter bead the piece takes, in alphabetical order.
     *
     * @return array<string, array<string, int>> by the bead's name and the letter
     */
    public function letters(): array
    {
        $letters = [];
        foreach ($this->elements() as $element) {
            if (null !== $element->mention->letter && null !== $element->name) {
                $letter = $element->mention->letter;
                $letters[$element->name][$letter] = ($letters[$element->name][$letter] ?? 0) + 1;
            }
        }
        foreach (array_keys($letters) as $name) {
            ksort($letters[$name], \SORT_STRING);
        }

        return $letters;
    }

    public function body(): Length
    {
        return $this->setting->length;
    }

    /**
     * Returns the girth inside when the ends are as near as they come.
     */
    public function closed(): Length
    {
        return $this->ring->inside($this->body()->plus($this->fastened->span->narrow));
    }

    /**
     * Returns the girth that gets through when the ends are as far apart as the closure lets them, still closed.
     */
    public function open(): Length
    {
        return $this->ring->passing($this->body()->plus($this->fastened->span->wide));
    }

    /**
     * Returns the girth inside as wished.
     */
    public function wished(): Length
    {
        return $this->ring->inside($this->ring->wished());
    }

    /**
     * Returns the gap between the body's ends at the wished fit, as near as the closure comes to it.
     */
    public function wornGap(): Length
    {
        $gap = $this->ring->wished()->minus($this->body());

        return match (true) {
            $gap->isShorterThan($this->fastened->span->narrow) => $this->fastened->span->narrow,
            $gap->isLongerThan($this->fastened->span->wide) => $this->fastened->span->wide,
            default => $gap,
        };
    }

    /**
     * Returns the girth inside as it is worn: as wished where the closure reaches that.
     */
    public function worn(): Length
    {
        return $this->ring->inside($this->body()->plus($this->wornGap()));
    }
}
