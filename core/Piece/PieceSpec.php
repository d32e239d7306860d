<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece;

use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Fit\Wearer;
use Rinkel\Core\Knot\Kind\DrawnKnot;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Pattern\PatternText;
use Rinkel\Core\Pattern\Renaming;

/**
 * What a maker decided about one piece, and nothing that could be worked out; this is what is kept.
 *
 * PieceReader is the door at which every bound is checked. What is left open, a construction completes to a Piece.
 */
final readonly class PieceSpec
{
    /**
     * @param string           $construction its identifier
     * @param Materials        $materials    as far as they were decided
     * @param PatternText|null $pattern      null while it is left open
     */
    public function __construct(
        public string $name,
        public Unit $unit,
        public string $construction,
        public Wearing $wearing,
        public Materials $materials = new Materials(),
        public ?PatternText $pattern = null,
        public ?ClosureWish $closure = null,
        public Workmanship $workmanship = new Workmanship(),
    ) {}

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
     * Returns this wish of a maker who pushes their knots so, and about whom nothing else is known.
     */
    public function withTension(Tension $tension): self
    {
        return $this->with(['workmanship' => $this->workmanship->withTension($tension)]);
    }

    /**
     * Returns this wish of a maker about whom nothing is known: what they buy to make it is cut for any hand.
     */
    public function byAnyone(): self
    {
        return $this->with(['workmanship' => $this->workmanship->withTension(null)]);
    }

    /**
     * Returns this wish with a knot of its maker's own that its pattern can name; one that it knows by that name stays.
     */
    public function withKnot(DrawnKnot $knot): self
    {
        return $this->with([
            'workmanship' => $this->workmanship->withKnots($this->workmanship->knots + [$knot->word() => $knot]),
        ]);
    }

    /**
     * Returns this wish as somebody's design; one that is somebody's already stays theirs.
     */
    public function creditedTo(Credit $credit): self
    {
        return $this->with(['workmanship' => $this->workmanship->creditedTo($credit)]);
    }

    public function madeFor(?string $whom): self
    {
        return $this->with(['wearing' => $this->wearing->whom($whom)]);
    }

    /**
     * Returns this wish as long as its wearer is: no length was asked for.
     */
    public function withoutLength(): self
    {
        return $this->with(['wearing' => $this->wearing->withoutLength()]);
    }

    public function ofLength(Length $length): self
    {
        return $this->with(['wearing' => $this->wearing->ofLength($length)]);
    }

    public function withWearer(Wearer $wearer): self
    {
        return $this->with(['wearing' => $this->wearing->by($wearer)]);
    }

    public function withPattern(Pattern $pattern): self
    {
        return $this->with(['pattern' => PatternText::of($pattern)]);
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
        return $this->with(['materials' => $this->materials->withCords($cords)]);
    }

    /**
     * @param array<string, Bead> $beads
     */
    public function withBeads(array $beads): self
    {
        return $this->with(['materials' => $this->materials->withBeads($beads)]);
    }

    /**
     * @param array<string, Finding> $findings
     */
    public function withFindings(array $findings): self
    {
        return $this->with(['materials' => $this->materials->withFindings($findings)]);
    }

    /**
     * Returns this piece with a bead or a finding called otherwise, wherever it is named.
     */
    public function withBeadCalled(string $old, string $new): self
    {
        $called = static fn (string $name): string => $old === $name ? $new : $name;

        return $this->with([
            'materials' => $this->materials->withBeadCalled($old, $new),
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
            'materials' => $this->materials->withCordCalled($old, $new),
            'pattern' => $this->edited(static fn (Renaming $names): Pattern => $names->withCordCalled($old, $new)),
        ]);
    }

    /**
     * @param callable(Renaming): Pattern $change
     */
    private function edited(callable $change): ?PatternText
    {
        return null === $this->pattern ? null : PatternText::of($change(new Renaming($this->pattern->tree)));
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
        $closing = $this->closure ?? $closure->withKnots($this->workmanship->habits->sliderKnots());
        $mine = $this->materials;
        $own = array_map(static fn (Finding $finding): FindingKind => $finding->kind, $mine->findings);
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
            $mine->cords + $cords,
            [] === $mine->beads ? $beads : $mine->beads,
            $mine->findings + $wanted,
            $this->pattern ?? PatternText::read($pattern, $this->unit),
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
        $decided = array_intersect_key(get_object_vars($piece), array_flip($parts));
        $materials = array_diff_key($decided, ['pattern' => true, 'closure' => true]) + get_object_vars($this->materials);

        /** @phpstan-ignore argument.type (the keys are the names of its properties) */
        return $this->with(['materials' => new Materials(...$materials)] + array_diff_key($decided, $materials));
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
