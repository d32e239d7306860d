<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Internal;

use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\Lacing;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\Exception\PartDoesNotSuit;
use Rinkel\Core\Line\Extent;
use Rinkel\Core\Line\Mention;
use Rinkel\Core\Line\Take;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node\Knots;
use Rinkel\Core\Pattern\Node\Links;
use Rinkel\Core\Piece\Piece;

/**
 * A chain whose links cords go through, one after the other.
 *
 * From one side of a link across its opening to the other and over its wire, once in front and once behind: each link
 * takes the way slantwise across, and twice the thickness of wire and cord. So a cord laced takes about twice the chain
 * (common practice).
 *
 * @internal
 */
final readonly class ChainMaker extends PartMaker
{
    /**
     * @param non-empty-list<string> $roles cords that are laced or braided through
     */
    public function __construct(
        Piece $piece,
        private array $roles,
    ) {
        parent::__construct($piece);
    }

    public function ties(Knot $knot): bool
    {
        return false;
    }

    protected function knot(Knots $knots, bool $swapped): Element
    {
        throw PartDoesNotSuit::notTied($knots, $knots->kind);
    }

    protected function parts(): array
    {
        return [Links::class => $this->links(...)] + parent::parts();
    }

    /**
     * @return list<Element>
     */
    private function links(Links $part): array
    {
        $link = $this->piece->findings[$part->name] ?? null;
        if (null === $link || FindingKind::Link !== $link->kind) {
            throw PartDoesNotSuit::unknownName($part, $part->name, array_map(strval(...), array_keys(array_filter($this->piece->findings, static fn (Finding $finding): bool => FindingKind::Link === $finding->kind))));
        }
        $uses = [];
        foreach ($this->roles as $role) {
            $use = $this->piece->cord($role);
            $taken = $this->book->section($part->word(), $use->cord, (new Lacing($link))->use($use->cord, $use->count));
            $uses[$role] = Take::knots($this->book->sampleOf($part->word())->use ?? $taken);
        }

        return array_fill(
            0,
            $part->count,
            new Element(
                ElementKind::Link,
                $part->name,
                extent: new Extent(
                    length: $link->pitch(),
                    width: $link->width,
                    thickness: $link->wire()->plus($this->bare()->times(2)),
                ),
                takes: $uses,
                mention: new Mention(place: $part->place()),
            ),
        );
    }

    protected function along(Length $length, Length $bulge): array
    {
        return array_fill_keys($this->roles, Take::straight($length));
    }

    protected function bare(): Length
    {
        return $this->piece->cord($this->roles[0])->cord->thickness;
    }
}
