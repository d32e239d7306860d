<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Kind\Breakaway;
use Rinkel\Core\Closure\Kind\ClaspClosure;
use Rinkel\Core\Closure\Kind\ForGood;
use Rinkel\Core\Closure\Kind\Magnetic;
use Rinkel\Core\Closure\Kind\TieClosure;
use Rinkel\Core\Closure\Kind\TwoEnding;
use Rinkel\Core\Construction\Internal\CordMaker;
use Rinkel\Core\Construction\Internal\OnCord;
use Rinkel\Core\Construction\Internal\Stock;
use Rinkel\Core\Construction\Way\StrandsWay;
use Rinkel\Core\Construction\Way\Way;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\Maker;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Severity;

/**
 * Two strands side by side with an overhand knot between beads, staggered so that the beads of one lie at the knots of
 * the other. Each may be of its own colour.
 *
 * @internal
 */
final readonly class KnottedStrands extends OnCord
{
    public function id(): string
    {
        return 'knotted-strands';
    }

    public function completed(PieceSpec $wish): Piece
    {
        return $wish->completedWith(
            ['strand' => Stock::cord(Fibre::Leather, 1.0, '#4a3728', 2)],
            ['pearl' => Stock::round(10, '#cbb89d', 1.4)],
            [
                'end' => Stock::finding(FindingKind::FoldOverEnd, 8, 4, 3),
                'ring' => Stock::finding(FindingKind::Ring, 5, 5, 4),
                'clasp' => Stock::finding(FindingKind::Clasp, 12, 6, 0),
            ],
            '(1 overhand, 1 bead '.(array_key_first($wish->materials->beads) ?? 'pearl').') x fit, 1 overhand',
            new ClosureWish(
                ClaspClosure::onCord(),
                ['end', 'end', 'ring', 'ring', 'clasp'],
            ),
        );
    }

    public function cords(): CordNames
    {
        return CordNames::andStrands(['strand'], ['strand']);
    }

    public function ends(Piece $piece): CordUse
    {
        return new CordUse($this->thickest($piece), $this->strands($piece));
    }

    public function passes(Piece $piece, Element $bead): array
    {
        return [$this->thickest($piece)];
    }

    public function maker(Piece $piece): Maker
    {
        return new CordMaker($piece, 'strand', $this, $this->strands($piece), $this->thickest($piece));
    }

    /**
     * Returns the cord of each strand, by name, in the order in which they lie side by side.
     *
     * @return non-empty-list<string>
     */
    public static function names(Piece $piece): array
    {
        $names = [];
        foreach ($piece->cords as $name => $use) {
            array_push($names, ...array_fill(0, $use->count, (string) $name));
        }

        return [] === $names ? ['strand'] : $names;
    }

    public function closures(): array
    {
        return [ClaspClosure::onCord(), new TieClosure(), new Magnetic(), new Breakaway(), TwoEnding::onCord(), new ForGood()];
    }

    public function way(Draft $draft): Way
    {
        return new StrandsWay($draft);
    }

    public function checks(Draft $draft): array
    {
        return $this->nests($draft) ? [] : [new Check('beads-do-not-nest', Severity::Hint)];
    }

    protected function role(): string
    {
        return 'strand';
    }

    public function ties(Knot $knot): bool
    {
        return parent::ties($knot) && null === $knot->usualTurns();
    }

    protected function strands(Piece $piece): int
    {
        return \count(self::names($piece));
    }

    /**
     * Returns the thickest strand: none of its knots and beads is larger.
     */
    private function thickest(Piece $piece): Cord
    {
        $thickest = $piece->cord('strand')->cord;
        foreach ($piece->cords as $use) {
            $thickest = $use->cord->thickness->isLongerThan($thickest->thickness) ? $use->cord : $thickest;
        }

        return $thickest;
    }

    /**
     * Returns whether each bead finds a knot beside it: the knot must be thinner than the bead.
     */
    private function nests(Draft $draft): bool
    {
        $knots = array_filter($draft->setting->elements, static fn (Element $element): bool => null !== $element->knot);
        $beads = array_filter($draft->setting->elements, static fn (Element $element): bool => $element->isBead());

        return [] === $knots || [] === $beads || array_values($knots)[0]->extent->width->isShorterThan(
            array_values($beads)[0]->extent->width,
        );
    }
}
