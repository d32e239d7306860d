<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Internal;

use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\TyingContext;
use Rinkel\Core\Line\Chunk;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\Exception\PartDoesNotSuit;
use Rinkel\Core\Line\Extent;
use Rinkel\Core\Line\Line;
use Rinkel\Core\Line\Take;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Node\Beads;
use Rinkel\Core\Pattern\Node\Below;
use Rinkel\Core\Pattern\Node\Knots;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Piece\Piece;

/**
 * One cord that carries beads and ties knots in itself; or several alike side by side, each with every bead of the
 * line.
 *
 * Strands side by side are shifted against each other by half a repeat, so that the beads of one lie at the knots of
 * the other: one begins with that much bare cord, the other ends with it.
 *
 * @internal
 */
final readonly class CordMaker extends PartMaker
{
    private Cord $cord;

    /**
     * @param OnCord    $construction which says what knots are tied
     * @param int       $strands      side by side
     * @param Cord|null $thickest     of several that differ; the one of its role when null
     */
    public function __construct(
        Piece $piece,
        private string $role,
        private OnCord $construction,
        private int $strands = 1,
        ?Cord $thickest = null,
    ) {
        $this->cord = $thickest ?? $piece->cord($role)->cord;
        parent::__construct($piece);
    }

    public function line(Line $line): Line
    {
        $shift = 1 === $this->strands ? Length::zero() : $this->halfRepeat($line);

        return $shift->isZero() ? $line : $line->with(
            $line->first,
            [
                ...$line->after,
                new Chunk(
                    [
                        new Element(
                            ElementKind::Bare,
                            null,
                            extent: new Extent(length: $shift, width: $this->bare(), thickness: $this->bare()),
                            takes: $this->along($shift, Length::zero()),
                        ),
                    ],
                ),
            ],
        );
    }

    public function sets(string $part): bool
    {
        return Below::class === $part ? $this->construction->hasLayers() : parent::sets($part);
    }

    public function below(Below $part): array
    {
        if (!$this->construction->hasLayers()) {
            return parent::below($part);
        }
        $role = $part->cord ?? $this->role;
        if (!isset($this->piece->cords[$role])) {
            throw PartDoesNotSuit::unknownName($part, $role, array_map(strval(...), array_keys($this->piece->cords)));
        }

        return [new self($this->piece, $role, $this->construction), $role];
    }

    public function ground(Knot $knot): ?TyingContext
    {
        return $this->ties($knot) ? TyingContext::itself($this->cord) : null;
    }

    public function ties(Knot $knot): bool
    {
        return $this->construction->ties($knot);
    }

    protected function knot(Knots $knots, bool $swapped): Element
    {
        $tied = $this->book->in($knots->kind, $this->cord, 1, $knots->wraps);

        return $this->tied($knots, $tied, [$this->role => Take::knots($tied->use)]);
    }

    protected function bead(Node $part, string $name, Lane $lane, ?string $letter = null): Element
    {
        $bead = parent::bead($part, $name, $lane, $letter);

        if (1 === $this->strands) {
            return $bead;
        }
        $strand = $part instanceof Beads ? $part->strand : null;
        if (null !== $strand && $strand > $this->strands) {
            throw PartDoesNotSuit::noStrand($part, $strand);
        }

        return $bead->onStrands(null === $strand ? range(0, $this->strands - 1) : [$strand - 1]);
    }

    protected function lanes(): array
    {
        return 1 === $this->strands ? [Lane::Core] : [Lane::Core, Lane::Strand];
    }

    protected function along(Length $length, Length $bulge): array
    {
        return [$this->role => Take::straight($length)];
    }

    protected function bare(): Length
    {
        return $this->cord->thickness;
    }

    /**
     * Returns half of the first bead with the first knot, zero when the line lacks either.
     */
    private function halfRepeat(Line $line): Length
    {
        $elements = $line->elements(array_fill(0, \count($line->shares), 1));
        $bead = array_values(array_filter($elements, static fn (Element $element): bool => $element->isBead()))[0] ?? null;
        $knot = array_values(array_filter($elements, static fn (Element $element): bool => null !== $element->knot))[0] ?? null;

        return null === $bead || null === $knot
            ? Length::zero()
            : $bead->extent->length->plus($knot->extent->length)->times(0.5);
    }
}
