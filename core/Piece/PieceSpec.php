<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece;

use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Cutting\Risk;
use Rinkel\Core\Fit\Measured;
use Rinkel\Core\Fit\Wearer;
use Rinkel\Core\Knot\Sample;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Pattern\Renaming;
use Rinkel\Core\Pattern\Written;
use Rinkel\Core\Work\Habits;

/**
 * What a maker decided about one piece, and nothing that could be worked out; this is what is kept.
 *
 * PieceReader is the door at which every bound is checked. What is left open, a construction completes to a Piece.
 */
final readonly class PieceSpec
{
    /** More wraps than these no arm has room for. */
    public const MOST_WRAPS = 12;

    /**
     * @param string                 $construction its identifier
     * @param Length                 $ease         room over the girth; only counts when it was measured snug
     * @param Length|null            $length       finished length asked for, instead of a fit
     * @param array<string, CordUse> $cords        by role
     * @param array<string, Bead>    $beads        by short name
     * @param array<string, Finding> $findings     by short name
     * @param Written|null           $pattern      null while it is left open
     * @param array<string, Sample>  $samples      by the knot's word
     * @param Tension|null           $tension      how hard knots are pushed, null when that was not said
     * @param Length|null            $drop         how far below the pit of the neck a necklace shall hang, instead of a length
     * @param Length|null            $gauge        the maker's own, such as a joint of her finger
     * @param string|null            $for          whom it is made for
     * @param int                    $risk         one in how many pieces may run short of cord
     */
    public function __construct(
        public string $name,
        public Unit $unit,
        public string $construction,
        public Wearer $wearer,
        public Length $ease,
        public ?Tension $tension = null,
        public int $wraps = 1,
        public ?Length $length = null,
        public array $cords = [],
        public array $beads = [],
        public array $findings = [],
        public ?Written $pattern = null,
        public ?ClosureWish $closure = null,
        public array $samples = [],
        public bool $forChild = false,
        public bool $instantGlue = false,
        public ?Length $drop = null,
        public int $risk = Risk::USUAL,
        public ?Length $gauge = null,
        public Habits $habits = new Habits(),
        public ?string $for = null,
    ) {
        self::hold('wraps', $wraps, 1, self::MOST_WRAPS);
        self::hold('risk', $risk, Risk::LEAST, Risk::MOST);
    }

    /**
     * Holds a bound that the reader tells a maker of; whoever makes a spec otherwise made a mistake.
     */
    private static function hold(string $what, int $number, int $least, int $most): void
    {
        if ($number < $least || $number > $most) {
            throw new \DomainException(\sprintf('%s: %d is not from %d to %d.', $what, $number, $least, $most));
        }
    }

    public function renamed(string $name): self
    {
        return $this->with(['name' => $name]);
    }

    /**
     * Returns this piece as its maker reads and writes it in another unit; bare lengths in its pattern keep the unit
     * they had.
     */
    public function withUnit(Unit $unit): self
    {
        return $unit === $this->unit ? $this : $this->with([
            'unit' => $unit,
            'pattern' => $this->pattern?->pinned($this->unit),
        ]);
    }

    /**
     * Returns this wish of a maker who pushes her knots so, and of whom nothing else is known.
     */
    public function pushed(Tension $tension): self
    {
        return $this->with(['tension' => $tension, 'samples' => []]);
    }

    /**
     * Returns this wish of a maker of whom nothing is known: what she buys to make it is cut for any hand.
     */
    public function byAnyone(): self
    {
        return $this->with(['tension' => null, 'samples' => []]);
    }

    public function madeFor(?string $whom): self
    {
        return $this->with(['for' => $whom]);
    }

    /**
     * Returns this wish as long as its wearer is: no length was asked for.
     */
    public function ofAnyLength(): self
    {
        return null === $this->length ? $this : $this->with(['length' => null]);
    }

    public function ofLength(Length $length): self
    {
        return $this->with(['length' => $length, 'drop' => null]);
    }

    public function withWearer(Wearer $wearer): self
    {
        return $this->with(['wearer' => $wearer]);
    }

    public function withPattern(Pattern $pattern): self
    {
        return $this->with(['pattern' => Written::of($pattern)]);
    }

    public function withClosure(ClosureWish $closure): self
    {
        return $this->with(['closure' => $closure]);
    }

    /**
     * @param array<string, CordUse> $cords
     */
    public function withCords(array $cords): self
    {
        return $this->with(['cords' => $cords]);
    }

    /**
     * @param array<string, Bead> $beads
     */
    public function withBeads(array $beads): self
    {
        return $this->with(['beads' => $beads]);
    }

    /**
     * @param array<string, Finding> $findings
     */
    public function withFindings(array $findings): self
    {
        return $this->with(['findings' => $findings]);
    }

    /**
     * Returns this piece with a bead or a finding called otherwise, wherever it is named.
     */
    public function withBeadCalled(string $old, string $new): self
    {
        $called = static fn (string $name): string => $old === $name ? $new : $name;

        return $this->with([
            'beads' => self::withKey($this->beads, $old, $new),
            'findings' => self::withKey($this->findings, $old, $new),
            'pattern' => $this->edited(static fn (Renaming $names): Pattern => $names->withBeadCalled($old, $new)),
            'closure' => $this->closure?->renamed($called),
        ]);
    }

    /**
     * Returns this piece with a cord called otherwise, wherever it is named.
     */
    public function withCordCalled(string $old, string $new): self
    {
        return $this->with([
            'cords' => self::withKey($this->cords, $old, $new),
            'pattern' => $this->edited(static fn (Renaming $names): Pattern => $names->withCordCalled($old, $new)),
        ]);
    }

    /**
     * @template T
     *
     * @param array<string, T> $entries
     *
     * @return array<string, T> in the same order
     */
    private static function withKey(array $entries, string $old, string $new): array
    {
        $names = array_map(
            static fn (int|string $name): string => $old === (string) $name ? $new : (string) $name,
            array_keys($entries),
        );

        return array_combine($names, $entries);
    }

    /**
     * @param callable(Renaming): Pattern $change
     */
    private function edited(callable $change): ?Written
    {
        return null === $this->pattern ? null : Written::of($change(new Renaming($this->pattern->tree)));
    }

    /**
     * Returns the piece that it becomes with what it leaves open filled in.
     *
     * @param array<string, CordUse> $cords
     * @param array<string, Bead>    $beads
     * @param array<string, Finding> $findings
     */
    public function completedWith(
        array $cords,
        array $beads,
        array $findings,
        string $pattern,
        ClosureWish $closure,
    ): Piece {
        $closing = $this->closure ?? $closure->withKnots($this->habits->sliderKnots());
        $own = array_map(static fn (Finding $finding): FindingKind => $finding->kind, $this->findings);
        // What its body is made of, where it has none of its own, and what it closes with: nothing lies about unused.
        $wanted = array_filter(
            $findings,
            static fn (Finding $finding, int|string $name): bool => \in_array((string) $name, $closing->findings, true)
                || \in_array($finding->kind, [FindingKind::Link, FindingKind::Stone], true)
                    && !\in_array($finding->kind, $own, true),
            \ARRAY_FILTER_USE_BOTH,
        );

        return new Piece(
            $this,
            $this->cords + $cords,
            [] === $this->beads ? $beads : $this->beads,
            $this->findings + $wanted,
            $this->pattern ?? Written::read($pattern, $this->unit),
            $closing,
        );
    }

    /**
     * Returns this wish with some of its parts decided as $piece has them filled in.
     *
     * @param list<'cords'|'beads'|'findings'|'pattern'|'closure'> $parts
     */
    public function decidedAs(Piece $piece, array $parts): self
    {
        return $this->with(array_intersect_key(get_object_vars($piece), array_flip($parts)));
    }

    /**
     * @param array<string, mixed> $changed
     */
    private function with(array $changed): self
    {
        /** @phpstan-ignore argument.type (the keys are this class's own property names) */
        return new self(...array_merge(get_object_vars($this), $changed));
    }
}
