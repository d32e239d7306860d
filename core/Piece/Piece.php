<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece;

use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Fit\Drape;
use Rinkel\Core\Fit\Measured;
use Rinkel\Core\Fit\Wearer;
use Rinkel\Core\Hand\Hand;
use Rinkel\Core\Knot\Kind\DrawnKnot;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\KnotBook;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Knot\Sample;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\TyingContext;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Pattern\PatternText;
use Rinkel\Core\Work\Habits;

/**
 * A complete piece: what its maker wished, and what a construction filled in where the wish was open.
 */
final readonly class Piece
{
    public string $name;
    public Unit $unit;

    /** Identifier of its construction. */
    public string $construction;
    public Wearer $wearer;

    /** Room over the girth; only counts when it was measured snug. */
    public Length $ease;

    /** How hard knots are pushed, null when that was not said. */
    public ?Tension $tension;
    public int $wraps;

    /** Finished length asked for, instead of a fit. */
    public ?Length $length;

    /** @var array<string, Sample> by the knot's word */
    public array $samples;
    public bool $forChild;
    public bool $instantGlue;

    /** How far below the pit of the neck a necklace shall hang, instead of a length. */
    public ?Length $drop;

    /** One in how many pieces may run short of cord. */
    public int $risk;
    public Habits $habits;

    /**
     * @param array<string, CordUse> $cords    by role
     * @param array<string, Bead>    $beads    by short name
     * @param array<string, Finding> $findings by short name
     */
    public function __construct(
        private PieceSpec $wish,
        public array $cords,
        public array $beads,
        public array $findings,
        public PatternText $pattern,
        public ClosureWish $closure,
        public Hand $hand = new Hand(),
    ) {
        $this->name = $wish->name;
        $this->unit = $wish->unit;
        $this->construction = $wish->construction;
        $this->wearer = $wish->wearing->wearer;
        $this->ease = $wish->wearing->ease;
        $this->tension = $wish->workmanship->tension;
        $this->wraps = $wish->wearing->wraps;
        $this->length = $wish->wearing->length;
        $this->samples = $wish->workmanship->samples;
        $this->forChild = $wish->wearing->forChild;
        $this->instantGlue = $wish->workmanship->instantGlue;
        $this->drop = $wish->wearing->drop;
        $this->risk = $wish->workmanship->risk;
        $this->habits = $wish->workmanship->habits;
    }

    /**
     * Returns the maker's own gauge: as they measured it, else a joint of a finger, 25 mm (judgement).
     */
    public function gauge(): Length
    {
        return $this->wish->workmanship->gauge ?? Length::ofMillimetres(25);
    }

    /**
     * Returns the wish with everything decided as it is here.
     */
    public function decided(): PieceSpec
    {
        return $this->wish->decidedAs($this, ['cords', 'beads', 'findings', 'pattern', 'closure']);
    }

    /**
     * Returns the same piece out of the hands of a maker about whom something is known.
     */
    public function by(Hand $hand): self
    {
        return new self(
            $this->wish,
            array_map(static fn (CordUse $use): CordUse => $use->pulled($hand->pulled($use->cord)), $this->cords),
            $this->beads,
            $this->findings,
            $this->pattern,
            $this->closure,
            $hand,
        );
    }

    /**
     * @param array<string, Finding> $findings by short name
     */
    public function withFindings(array $findings): self
    {
        return new self(
            $this->wish,
            $this->cords,
            $this->beads,
            $findings,
            $this->pattern,
            $this->closure,
            $this->hand,
        );
    }

    public function withClosure(ClosureWish $closure): self
    {
        return new self(
            $this->wish,
            $this->cords,
            $this->beads,
            $this->findings,
            $this->pattern,
            $closure,
            $this->hand,
        );
    }

    /**
     * Returns the room over the measured girth: none when the tape already lay comfortably loose.
     */
    public function roomOverGirth(): Length
    {
        return Measured::Snug === $this->wearer->measured ? $this->ease : Length::zero();
    }

    public function cord(string $role): CordUse
    {
        return $this->cords[$role] ?? throw new \LogicException('The piece is not completed: no cord '.$role.'.');
    }

    /**
     * Returns how a strand of it of $length, all of it when null, hangs from its wearer's neck: to a point where
     * something hangs in its middle.
     */
    public function drape(Length $length, ?Pattern $strand = null): Drape
    {
        return new Drape($this->wearer->skin(), $length, ($strand ?? $this->pattern->tree)->isPointed());
    }

    /**
     * Returns how a strand of it, all of it when null, is to be for hanging $drop below the pit of the neck.
     */
    public function hanging(Length $drop, ?Pattern $strand = null): Drape
    {
        return Drape::hanging($this->wearer->skin(), $drop, ($strand ?? $this->pattern->tree)->isPointed());
    }

    /**
     * Returns the finished length asked for: in so many words, or by where a necklace shall hang, each turn of it as
     * long.
     */
    public function askedLength(): ?Length
    {
        return null === $this->length && null !== $this->drop && BodyPlace::Neck === $this->wearer->place
            ? $this->hanging($this->drop)->length()->times($this->wraps)
            : $this->length;
    }

    /**
     * Returns the cord that ties a slider, where the piece says one.
     */
    public function sliderCord(): ?Cord
    {
        return ($this->cords['slider'] ?? $this->cords['working'] ?? null)?->cord;
    }

    /**
     * Returns all knots that its pattern can name, those of its maker's own among them.
     */
    public function knownKnots(): KnownKnots
    {
        return $this->wish->workmanship->knownKnots();
    }

    /**
     * @return array<string, DrawnKnot> of its maker's own, by their word
     */
    public function ownKnots(): array
    {
        return $this->wish->workmanship->knots;
    }

    /**
     * @param (\Closure(Knot): ?TyingContext)|null $usual on which ground its maker measures a knot
     */
    public function knots(?\Closure $usual = null): KnotBook
    {
        return new KnotBook($this->tension, $this->samples, $usual, $this->hand);
    }
}
