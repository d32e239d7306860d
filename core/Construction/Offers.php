<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Knot\Kind\Barrel;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\Extent;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\BeadShape;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Material\Hole;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node\Below;
use Rinkel\Core\Pattern\Node\Binding;
use Rinkel\Core\Pattern\Node\Braid;
use Rinkel\Core\Pattern\Node\Links;
use Rinkel\Core\Pattern\Node\Net;
use Rinkel\Core\Pattern\Node\Wave;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Piece;

/**
 * What a maker can choose from: the constructions, and what each has for a piece of its own.
 */
final readonly class Offers
{
    private Constructions $constructions;

    /**
     * @param Constructions|null $constructions that pieces can name; all there are when null
     */
    public function __construct(?Constructions $constructions = null)
    {
        $this->constructions = $constructions ?? Constructions::all();
    }

    /**
     * @return list<string> identifiers of all constructions
     */
    public function constructions(): array
    {
        return $this->constructions->ids();
    }

    /**
     * @return list<BodyPlace> where a piece of this construction can be worn, the usual place first; none of one that
     *                         is not known
     */
    public function places(string $construction): array
    {
        return $this->constructions->named($construction)?->places() ?? [];
    }

    /**
     * @throws PieceUnreadable If there is no such construction
     */
    public function cords(string $construction): CordNames
    {
        return $this->constructions->get($construction)->cords();
    }

    /**
     * @return list<string> knots that the piece's construction ties, by their word in the notation
     */
    public function knots(Piece $piece): array
    {
        $maker = $this->constructions->get($piece->construction)->maker($piece);

        return array_values(
            array_map(
                static fn (Knot $knot): string => $knot->word(),
                array_filter($piece->knownKnots()->knots(), $maker->ties(...)),
            ),
        );
    }

    /**
     * Returns whether the piece's construction ties knots in a cord itself, whatever they are.
     */
    public function tiesAny(Piece $piece): bool
    {
        return $this->constructions->get($piece->construction)->maker($piece)->ties(new Barrel());
    }

    /**
     * @return list<string> other parts that only the piece's construction has: "braid", "net", "wave", "below",
     *                      "link chain"
     */
    public function parts(Piece $piece): array
    {
        $maker = $this->constructions->get($piece->construction)->maker($piece);
        $parts = array_keys(array_filter(
            [
                'braid' => Braid::class,
                'net' => Net::class,
                'wave' => Wave::class,
                'binding' => Binding::class,
                'below' => Below::class,
            ],
            $maker->sets(...),
        ));
        $links = !$maker->sets(Links::class) ? [] : array_filter(
            $piece->findings,
            static fn (Finding $finding): bool => FindingKind::Link === $finding->kind,
        );

        return [...$parts, ...array_map(static fn (int|string $name): string => 'link '.$name, array_keys($links))];
    }

    /**
     * Returns a new bead of usual size for a piece; larger, where the cords that go through it would not
     * pass.
     */
    public function bead(Piece $piece, Colour $colour): Bead
    {
        $bead = Bead::of(BeadShape::Round, $colour);
        $element = new Element(
            ElementKind::Bead,
            null,
            extent: new Extent(length: $bead->length, width: $bead->diameter, thickness: $bead->diameter),
            takes: [],
        );
        $passes = $this->constructions->get($piece->construction)->passes($piece, $element);
        $short = [] === $passes ? Length::zero() : (new Hole($bead->hole))->shortfall($passes);
        if ($short->isZero()) {
            return $bead;
        }
        $step = Length::ofMillimetres(0.1);
        $hole = $bead->hole->plus($short)->roundedUpTo($step);
        $wide = $hole->isShorterThan($bead->diameter->times(0.6)) ? null : $hole->times(1 / 0.6)->roundedUpTo(Length::ofMillimetres(1));

        return Bead::of(BeadShape::Round, $colour, $wide, hole: $hole);
    }
}
