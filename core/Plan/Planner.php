<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan;

use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Cutting\Risk;
use Rinkel\Core\Hand\Hand;
use Rinkel\Core\Line\Exception\PartDoesNotSuit;
use Rinkel\Core\Line\LineBuilder;
use Rinkel\Core\Line\LineSetter;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Plan\Internal\Fitting;
use Rinkel\Core\Plan\Internal\Lazy;
use Rinkel\Core\Plan\Internal\Names;
use Rinkel\Core\Plan\Internal\Neighbours;
use Rinkel\Core\Plan\Internal\Runs;
use Rinkel\Core\Work\Sheet;

/**
 * Turns what a maker wished into a plan. The same wish gives the same plan, to the last digit.
 */
final readonly class Planner
{
    private Constructions $constructions;

    /**
     * @param Constructions|null      $constructions that pieces can name; all there are when null
     * @param (\Closure(): Hand)|null $hand          of the maker, asked for with each plan; any maker's when null
     */
    public function __construct(?Constructions $constructions = null, private ?\Closure $hand = null)
    {
        $this->constructions = $constructions ?? Constructions::all();
    }

    /**
     * Returns a planner for the hand of one maker, or as it was known once.
     */
    public function by(Hand $hand): self
    {
        return new self($this->constructions, static fn (): Hand => $hand);
    }

    /**
     * @throws PieceUnreadable If the pattern cannot be read or does not suit the construction, or the closure does not
     */
    public function plan(PieceSpec $wish): Plan
    {
        return $this->judged($this->draft($wish));
    }

    /**
     * Returns the plan of what is set already.
     */
    public function judged(Draft $draft): Plan
    {
        $piece = $draft->piece;
        $sheet = Sheet::of(
            $draft->construction->way($draft)->written(),
            $piece->habits->cutStep($piece->unit),
            Risk::oneIn($piece->risk),
            $piece->hand,
            $piece->tension,
        );

        return new Plan(
            $draft,
            $sheet,
            array_intersect_key($draft->beads(), $draft->piece->beads),
            new Lazy(static fn (): array => (new Neighbours($draft))->all()),
            new Lazy(static fn (): array => (new Derivation($draft, $sheet))->figures()),
            (new Judgement($draft, $draft->construction, $sheet))->checks(),
            LineSetter::for($draft->piece->beads)->piecesFrom($draft->beads()),
            (new Runs($draft))->ranges(),
        );
    }

    /**
     * Returns the piece set to its wearer, without cuts, checks and derivations.
     *
     * @throws PieceUnreadable As plan() does
     */
    public function draft(PieceSpec $wish): Draft
    {
        $piece = $this->completed($wish);
        $construction = $this->constructions->get($piece->construction);
        (new Names($construction, $piece))->check();
        try {
            $maker = $construction->maker($piece);
            $line = $maker->line((new LineBuilder($maker))->line($piece->pattern->tree));

            return (new Fitting($piece, $construction, $line))->draft();
        } catch (PartDoesNotSuit $unfit) {
            throw PieceUnreadable::at('pattern', $unfit->said(), $unfit->place());
        }
    }

    /**
     * Returns the same piece with each closure that suits it and that its line can be set to.
     *
     * @param (callable(Piece): Piece)|null $made gives a piece what its closure is made of
     *
     * @return array<string, Draft> by the closure's id
     */
    public function closures(Draft $draft, ?callable $made = null): array
    {
        $drafts = [];
        foreach ($draft->construction->closures() as $kind) {
            try {
                $piece = $draft->piece->withClosure($draft->piece->closure->as($kind));
                // What it closes with now stays as its maker has it.
                $isChosen = $kind->id() === $draft->piece->closure->kind->id();
                $piece = null === $made || $isChosen ? $piece : $made($piece);
                $drafts[$kind->id()] = (new Fitting($piece, $draft->construction, $draft->line, $draft->ring))->draft();
            } catch (PartDoesNotSuit) {
                // Its pattern cannot be set to the length that this closure wants.
            }
        }

        return $drafts;
    }

    /**
     * Returns what $wish becomes with all it leaves open filled in.
     *
     * @throws PieceUnreadable If there is no such construction
     */
    public function completed(PieceSpec $wish): Piece
    {
        $piece = $this->constructions->get($wish->construction)->completed($wish);

        return null === $this->hand ? $piece : $piece->by(($this->hand)());
    }
}
