<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Internal;

use Rinkel\Core\Knot\Kind\Whip;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\KnotBook;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Knot\TyingContext;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\Exception\PartDoesNotSuit;
use Rinkel\Core\Line\Extent;
use Rinkel\Core\Line\Line;
use Rinkel\Core\Line\Maker;
use Rinkel\Core\Line\Mention;
use Rinkel\Core\Line\Seat;
use Rinkel\Core\Line\Take;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\BeadSequence;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\BeadBundle;
use Rinkel\Core\Pattern\Node\Beads;
use Rinkel\Core\Pattern\Node\Below;
use Rinkel\Core\Pattern\Node\Binding;
use Rinkel\Core\Pattern\Node\Focal;
use Rinkel\Core\Pattern\Node\Gap;
use Rinkel\Core\Pattern\Node\Hang;
use Rinkel\Core\Pattern\Node\Knots;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Pattern\Node\Mirror;
use Rinkel\Core\Pattern\Node\Word;
use Rinkel\Core\Piece\Piece;

/**
 * What is the same in all constructions about the parts of a pattern; what a knot takes, each says itself.
 *
 * @internal
 */
abstract readonly class PartMaker implements Maker
{
    protected KnotBook $book;

    public function __construct(protected Piece $piece)
    {
        $this->book = $piece->knots($this->ground(...));
    }

    public function ground(Knot $knot): ?TyingContext
    {
        return null;
    }

    public function elements(Node $part, bool $swapped): array
    {
        $make = $this->parts()[$part::class] ?? throw PartDoesNotSuit::notThere($part);

        /** @phpstan-ignore argument.type (each stands under the class that it takes) */
        return $make($part, $swapped);
    }

    public function sets(string $part): bool
    {
        return isset($this->parts()[$part]);
    }

    public function line(Line $line): Line
    {
        return $line;
    }

    public function below(Below $part): array
    {
        throw PartDoesNotSuit::notThere($part);
    }

    public function exchange(Mirror $mirror): void
    {
        foreach ($mirror->exchange->pairs ?? [] as [$new, $old]) {
            [$there, $here] = [$this->known($mirror, $new), $this->known($mirror, $old)];
            if (!$there->length->equals($here->length) || !$there->diameter->equals($here->diameter)) {
                throw PartDoesNotSuit::otherForm($mirror, $new, $old);
            }
        }
    }

    /**
     * Returns what makes elements of each kind of part that the construction has; one that has more adds them.
     *
     * @return array<class-string<Node>, \Closure(never, bool): list<Element>>
     */
    protected function parts(): array
    {
        return [
            Knots::class => $this->knots(...),
            Beads::class => $this->beads(...),
            Word::class => $this->word(...),
            Focal::class => $this->focal(...),
            Hang::class => $this->hang(...),
            Gap::class => $this->gap(...),
            BeadBundle::class => $this->bundle(...),
        ];
    }

    /**
     * Returns one knot that this construction ties as an element.
     *
     * @throws PartDoesNotSuit If it names a cord that is not there
     */
    abstract protected function knot(Knots $knots, bool $swapped): Element;

    /**
     * Returns what a stretch of $length along the piece takes of each cord when it carries nothing or a bead as wide as
     * $bulge.
     *
     * @return array<string, Take>
     */
    abstract protected function along(Length $length, Length $bulge): array;

    /**
     * Returns on which cords beads can sit.
     *
     * @return list<Lane>
     */
    protected function lanes(): array
    {
        return [Lane::Core];
    }

    /**
     * Returns what both halves together take to hang on a finding in the middle; a cord that runs on through it takes
     * its length.
     *
     * @return array<string, Take>
     */
    protected function hung(Finding $finding): array
    {
        return $this->along($finding->length, Length::zero());
    }

    /**
     * Returns how far bare cord stands off the body: as far as it is wide, unless it lies flat.
     */
    protected function bareThickness(): Length
    {
        return $this->bare();
    }

    /**
     * Returns the width of bare cord.
     */
    abstract protected function bare(): Length;

    /**
     * @return list<Element>
     */
    protected function bundle(BeadBundle $bundle, bool $swapped): array
    {
        $names = [] !== $bundle->short && $swapped ? $bundle->short : $bundle->long;

        return array_map(fn (string $name): Element => $this->bead($bundle, $name, Lane::Core), $names);
    }

    /**
     * Returns as many binding turns as cover the width.
     *
     * @return list<Element>
     */
    protected function binding(Binding $binding): array
    {
        $turn = $this->knot(new Knots(1, new Whip(), place: $binding->place()), false);

        return array_fill(0, max(1, (int) ceil($binding->width->ratioTo($turn->extent->length) - 1e-9)), $turn);
    }

    /**
     * @param array<string, Take> $uses
     */
    protected function tied(Knots $knots, TiedKnot $tied, array $uses): Element
    {
        return new Element(
            ElementKind::Knot,
            null,
            extent: new Extent(
                length: $tied->pitch,
                width: $tied->width,
                thickness: $tied->thickness,
                raised: $tied->raised,
            ),
            takes: $uses,
            mention: new Mention(
                place: $knots->place(),
                wraps: null === $knots->kind->usualTurns() ? null : $knots->wraps ?? $knots->kind->usualTurns(),
            ),
            knot: $knots->kind,
        );
    }

    protected function bead(Node $part, string $name, Lane $lane, ?string $letter = null): Element
    {
        $bead = $this->known($part, $name);

        return new Element(
            null === $letter ? ElementKind::Bead : ElementKind::Letter,
            $name,
            extent: new Extent(length: $bead->length, width: $bead->diameter, thickness: $bead->diameter),
            takes: $this->along($bead->length, Lane::Core === $lane ? $bead->diameter : Length::zero()),
            mention: new Mention(place: $part->place(), letter: $letter),
            seat: new Seat(lane: $lane),
        );
    }

    protected function known(Node $part, string $name): Bead
    {
        return $this->piece->beads[$name] ?? throw PartDoesNotSuit::unknownName($part, $name, array_keys($this->piece->beads));
    }

    /**
     * @return list<Element>
     */
    private function knots(Knots $knots, bool $swapped): array
    {
        if (!$this->ties($knots->kind)) {
            throw PartDoesNotSuit::notTied($knots, $knots->kind);
        }

        return array_fill(0, $knots->count, $this->knot($knots, $swapped));
    }

    /**
     * @return list<Element>
     */
    private function beads(Beads $beads, bool $swapped): array
    {
        foreach ($beads->names as [, $name]) {
            $this->known($beads, $name);
        }
        if (!\in_array($beads->lane, $this->lanes(), true)) {
            throw PartDoesNotSuit::noLane($beads, $beads->lane);
        }
        $names = (new BeadSequence($this->piece->beads))->of($beads);
        $placed = $swapped ? $beads->swapped($this->piece->cords['core']->count ?? 0) : $beads;

        return array_map(fn (string $name): Element => $this->bead($placed, $name, $placed->lane), $names);
    }

    /**
     * @return list<Element>
     */
    private function word(Word $word): array
    {
        $elements = [];
        foreach (mb_str_split($word->text) as $i => $letter) {
            if (null !== $word->between && $i > 0) {
                $elements[] = $this->bead($word, $word->between, Lane::Core);
            }
            $elements[] = $this->bead($word, $word->bead, Lane::Core, $letter);
        }

        return $elements;
    }

    /**
     * @return list<Element>
     */
    protected function focal(Focal $focal): array
    {
        $bead = $this->piece->beads[$focal->name] ?? null;
        $finding = $this->piece->findings[$focal->name] ?? null;
        if (null === $bead && null === $finding) {
            throw PartDoesNotSuit::unknownName($focal, $focal->name, [...array_keys($this->piece->beads), ...array_keys($this->piece->findings)]);
        }
        $length = $bead->length ?? $finding->length ?? Length::zero();
        $width = $bead->diameter ?? $finding->width ?? Length::zero();
        $uses = null === $finding || null !== $bead ? $this->along($length, $width) : $this->hung($finding);

        return [new Element(
            ElementKind::Focal,
            $focal->name,
            extent: new Extent(length: $length, width: $width, thickness: $bead->diameter ?? $this->bare()),
            takes: $uses,
            mention: new Mention(place: $focal->place()),
        )];
    }

    /**
     * @return list<Element>
     */
    private function hang(Hang $hang): array
    {
        $bead = $this->piece->beads[$hang->name] ?? null;
        $finding = $this->piece->findings[$hang->name] ?? null;
        if (null === $bead && null === $finding) {
            $known = [...array_keys($this->piece->beads), ...array_keys($this->piece->findings)];

            throw PartDoesNotSuit::unknownName($hang, $hang->name, $known);
        }

        return [new Element(
            ElementKind::Charm,
            $hang->name,
            extent: new Extent(
                length: Length::zero(),
                width: $bead->diameter ?? $finding->width ?? Length::zero(),
                thickness: Length::zero(),
            ),
            takes: array_map(static fn (): Take => Take::none(), $this->along(Length::zero(), Length::zero())),
            mention: new Mention(place: $hang->place()),
            seat: new Seat(hangs: true),
        )];
    }

    /**
     * @return list<Element>
     */
    private function gap(Gap $gap): array
    {
        $length = $gap->length ?? $this->piece->gauge()->times($gap->gauges ?? 0.0);

        return [new Element(
            ElementKind::Bare,
            null,
            extent: new Extent(
                length: $length,
                width: $this->bare(),
                thickness: $this->bareThickness(),
                stretches: $gap->fits(),
                centres: $gap->centres,
            ),
            takes: $this->along($gap->fits() ? Length::ofMillimetres(1) : $length, Length::zero()),
            mention: new Mention(place: $gap->place()),
        )];
    }
}
