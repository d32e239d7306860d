<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Construction\Way\Way;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\Maker;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Remark\Check;

/**
 * One way to make a piece. Adding one is a class here, its name in Constructions and its words in the translations; a
 * look or a maker of its own where none of those there suits.
 */
interface Construction
{
    /**
     * Returns the identifier by which a piece names it: "square-knot-band".
     */
    public function id(): string;

    /**
     * @return non-empty-list<BodyPlace> where such a piece can be worn, the usual place first
     */
    public function places(): array;

    public function look(): Look;

    /**
     * Returns which cords such a piece can have; the first of them are what is seen of it.
     */
    public function cords(): CordNames;

    /**
     * Returns $piece with all it leaves open filled in, so that a girth alone is enough.
     */
    public function completed(PieceSpec $wish): Piece;

    /**
     * @return non-empty-list<ClosureKind> the default first
     */
    public function closures(): array;

    /**
     * Returns what knows the pattern's parts of a completed piece.
     */
    public function maker(Piece $piece): Maker;

    /**
     * Returns how such a piece is made.
     */
    public function way(Draft $draft): Way;

    /**
     * Returns what lies at each end of the body and makes the closure.
     */
    public function ends(Piece $piece): CordUse;

    /**
     * Returns the cords that go through one bead of the line, one entry for each passage.
     *
     * @return list<Cord>
     */
    public function passes(Piece $piece, Element $bead): array;

    /**
     * Returns the judgements that only this construction needs.
     *
     * @return list<Check>
     */
    public function checks(Draft $draft): array;
}
