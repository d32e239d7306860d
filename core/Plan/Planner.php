<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan;

use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Site;
use Rinkel\Core\Construction\Construction;
use Rinkel\Core\Construction\Constructions;
use Rinkel\Core\Construction\CordNames;
use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Construction\Role;
use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Fit\EaseScale;
use Rinkel\Core\Fit\Ring;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Line\Choice;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\Exception\PartDoesNotSuit;
use Rinkel\Core\Line\Line;
use Rinkel\Core\Line\LineBuilder;
use Rinkel\Core\Line\LineSetter;
use Rinkel\Core\Line\Take;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\BeadShape;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Hole;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node\Braid;
use Rinkel\Core\Pattern\Node\Links;
use Rinkel\Core\Pattern\Node\Net;
use Rinkel\Core\Pattern\Node\Wave;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Quoted;

/**
 * Turns a piece into its plan. The same piece gives the same plan, to the last digit.
 */
final readonly class Planner
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
     * @throws PieceUnreadable If the pattern cannot be read or does not suit the construction, or the closure does not
     */
    public function plan(Piece $given): Plan
    {
        $construction = $this->construction($given);
        $draft = $this->draft($given);
        $cuts = $this->cuts($construction, $draft);

        return new Plan(
            $draft,
            $cuts,
            array_intersect_key($draft->setting->beads(), $draft->piece->beads),
            $this->neighbours($draft),
            (new Derivation($draft, $cuts))->figures(),
            (new Judgement($draft, $construction))->checks(),
            self::setter($draft->piece)->piecesFrom($draft->setting->beads()),
        );
    }

    /**
     * Returns the piece set to its wearer, without cuts, checks and derivations.
     *
     * @throws PieceUnreadable As plan() does
     */
    public function draft(Piece $given): Draft
    {
        $construction = $this->construction($given);
        $piece = $construction->completed($given);
        $this->checkNames($construction, $piece);
        $wish = $this->closure($construction, $piece);
        $pattern = $piece->pattern->tree ?? throw new \LogicException('The piece is not completed: no pattern.');
        try {
            $maker = $construction->maker($piece);
            $line = $maker->line((new LineBuilder($maker))->line($pattern));
        } catch (PartDoesNotSuit $unfit) {
            throw self::fault('pattern', $unfit->getMessage());
        }
        $ends = $construction->ends($piece);
        $closure = $wish->kind->on(
            new Site($wish, $ends, $piece->sliderCord() ?? $ends->cord, $piece->knots(), $piece->findings),
        );
        $ring = $this->ring($piece, $construction, $line);
        $goal = Length::longest(Length::zero(), $closure->body($ring));
        try {
            $setting = self::setter($piece)->set($line, $goal, $closure->isBound());
        } catch (PartDoesNotSuit $unfit) {
            throw self::fault('pattern', $unfit->getMessage());
        }

        return new Draft(
            $piece,
            $pattern,
            $ring,
            $setting,
            $closure->fasten($ring, $setting->length),
            $goal,
            $construction,
        );
    }

    private static function setter(Piece $piece): LineSetter
    {
        return new LineSetter(
            array_filter(array_map(static fn (Bead $bead): ?int => $bead->stock, $piece->beads), is_int(...)),
        );
    }

    /**
     * @return list<string> identifiers of all constructions
     */
    public function constructions(): array
    {
        return $this->constructions->ids();
    }

    /**
     * @return list<BodyPlace> where a piece of this construction can be worn, the usual place first; none of one that is not known
     */
    public function placesOf(string $construction): array
    {
        return $this->constructions->named($construction)?->places() ?? [];
    }

    /**
     * Returns $given with all it leaves open filled in, as it would be planned.
     *
     * @throws PieceUnreadable If there is no such construction
     */
    public function completed(Piece $given): Piece
    {
        return $this->construction($given)->completed($given);
    }

    /**
     * @throws PieceUnreadable If there is no such construction
     */
    public function cordsOf(Piece $piece): CordNames
    {
        return $this->construction($piece)->cords();
    }

    /**
     * @return list<ClosureKind> closures that suit the piece, the usual one first
     */
    public function closuresOf(Piece $piece): array
    {
        return $this->construction($piece)->closures();
    }

    /**
     * @return list<string> knots that the piece's construction ties, by their word in the notation
     */
    public function knotsOf(Piece $completed): array
    {
        $maker = $this->construction($completed)->maker($completed);

        return array_values(
            array_map(
                static fn (Knot $knot): string => $knot->word(),
                array_filter(KnownKnots::all()->knots(), $maker->ties(...)),
            ),
        );
    }

    /**
     * @return list<string> other parts that only the piece's construction has: "braid", "net", "wave", "link chain"
     */
    public function partsOf(Piece $completed): array
    {
        $maker = $this->construction($completed)->maker($completed);
        $beads = array_map(strval(...), array_keys($completed->beads));
        $tries = [
            'braid' => new Braid(Length::ofMillimetres(10)),
            'net' => new Net(5, Length::ofMillimetres(12)),
            'wave' => new Wave(4, $beads[0] ?? '', $beads[1] ?? ''),
        ];
        foreach (array_keys($completed->findings) as $name) {
            $tries['link '.$name] = new Links(1, (string) $name);
        }
        $suiting = [];
        foreach ($tries as $part => $node) {
            try {
                $maker->elements($node, false);
                $suiting[] = $part;
            } catch (PartDoesNotSuit) {
                // Not a part of this construction.
            }
        }

        return $suiting;
    }

    /**
     * Returns a new bead of usual size for a completed piece; larger, where the cords that go through it would not
     * pass.
     */
    public function beadFor(Piece $completed, Colour $colour): Bead
    {
        $bead = Bead::of(BeadShape::Round, $colour);
        $element = new Element(ElementKind::Bead, null, $bead->length, $bead->diameter, $bead->diameter, []);
        $passes = $this->construction($completed)->passes($completed, $element);
        $short = [] === $passes ? Length::zero() : (new Hole($bead->hole))->shortfall($passes);
        if ($short->isZero()) {
            return $bead;
        }
        $step = Length::ofMillimetres(0.1);
        $hole = $bead->hole->plus($short)->roundedUpTo($step);
        $wide = $hole->isShorterThan($bead->diameter->times(0.6)) ? null : $hole->times(1 / 0.6)->roundedUpTo(Length::ofMillimetres(1));

        return Bead::of(BeadShape::Round, $colour, $wide, hole: $hole);
    }

    private function construction(Piece $piece): Construction
    {
        return $this->constructions->named($piece->construction) ?? throw self::fault('construction', \sprintf('Expected one of %s.', implode(', ', $this->constructions->ids())));
    }

    private function closure(Construction $construction, Piece $piece): ClosureWish
    {
        $wish = $piece->closure ?? new ClosureWish($construction->closures()[0]);
        $suiting = array_map(static fn (ClosureKind $kind): string => $kind->id(), $construction->closures());

        return \in_array($wish->kind->id(), $suiting, true)
            ? $wish
            : throw self::fault('closure.kind', \sprintf('This construction closes with %s, not with %s.', implode(', ', $suiting), $wish->kind->id()));
    }

    /**
     * A cord that has no task, or a finding that is not there, would else be passed over in silence.
     *
     * @throws PieceUnreadable If the piece names either
     */
    private function checkNames(Construction $construction, Piece $piece): void
    {
        $faults = [];
        foreach (array_keys($piece->cords) as $name) {
            if (!$construction->cords()->has((string) $name)) {
                $faults[] = new Fault(
                    'cords.'.$name,
                    \sprintf(
                        'No cord of such a piece is called %s. It could be %s.',
                        new Quoted((string) $name),
                        implode(', ', $construction->cords()->known),
                    ),
                );
            }
        }
        foreach ($piece->closure->findings ?? [] as $name) {
            if (!isset($piece->findings[$name])) {
                $faults[] = new Fault(
                    'closure.findings',
                    \sprintf(
                        'No finding here is called %s. %s',
                        new Quoted($name),
                        [] === $piece->findings ? 'There is none yet.' : 'It could be '.implode(
                            ', ',
                            array_keys($piece->findings),
                        ).'.',
                    ),
                );
            }
        }
        if ([] !== $faults) {
            throw PieceUnreadable::because($faults);
        }
    }

    private function ring(Piece $piece, Construction $construction, Line $line): Ring
    {
        $elements = array_filter(
            $line->elements(array_fill(0, \count($line->shares), 1)),
            static fn (Element $element): bool => $element->length->isLongerThan(Length::zero()) || $element->stretches,
        );
        $bare = $construction->ends($piece)->cord->thickness;
        $thickness = Length::longest(
            $bare,
            ...array_map(static fn (Element $one): Length => $one->thickness, array_values($elements)),
        );
        $width = Length::longest(
            $bare,
            ...array_map(static fn (Element $one): Length => $one->width, array_values($elements)),
        );

        return new Ring(
            $piece->wearer,
            $piece->roomOverGirth(),
            $piece->wraps,
            $thickness,
            $width,
            $piece->askedLength(),
        );
    }

    /**
     * @return list<Cut>
     */
    private function cuts(Construction $construction, Draft $draft): array
    {
        $cuts = array_map(fn (Role $role): Cut => $this->cut($role, $draft), $construction->roles($draft));
        if (null !== $draft->fastened->own) {
            $cord = $draft->piece->sliderCord() ?? $construction->ends($draft->piece)->cord;
            $own = Take::knots($draft->fastened->own);
            $cuts[] = Cut::of('slider', 1, $cord, true, $draft->piece->unit, $own, Take::none(), Cut::handling());
        }

        return $cuts;
    }

    private function cut(Role $role, Draft $draft): Cut
    {
        $body = Take::none();
        foreach ($role->lanes as $lane) {
            $body = $body->plus($role->halved ? $draft->setting->takeOfHalf($lane) : $draft->setting->take($lane));
        }
        $closure = $role->carries ? new Take(
            $draft->fastened->tails->times($role->twist),
            $draft->fastened->knots,
        ) : Take::none();

        return Cut::of(
            $role->name,
            $role->count,
            $draft->piece->cord($role->name)->cord,
            $role->folded,
            $draft->piece->unit,
            $body,
            $closure,
            $role->spare ?? ($role->carries ? Length::longest(
                $draft->fastened->end,
                Cut::handling(),
            ) : Cut::handling()),
        );
    }

    /**
     * @return list<Neighbour>
     */
    private function neighbours(Draft $draft): array
    {
        $scale = new EaseScale($draft->piece->wearer);
        $plain = Length::sum(
            ...array_map(static fn (Element $element): Length => $element->length, $draft->setting->elements),
        );

        return array_map(static function (Choice $choice) use ($draft, $scale, $plain): Neighbour {
            $closed = $draft->ring->inside($choice->length->plus($draft->fastened->narrow));

            return new Neighbour(
                (string) $draft->pattern->withMore(
                    array_map(
                        static fn (int $near, int $now): int => $near - $now,
                        $choice->counts,
                        $draft->setting->counts,
                    ),
                ),
                $choice->length->minus($plain),
                $closed,
                $scale->zoneOf($draft->fastened->kind->slides() ? Length::longest($closed, $draft->wished()) : $closed),
                $choice->beads,
            );
        }, array_values(
            array_filter(
                $draft->setting->choices,
                static fn (Choice $choice): bool => $choice->length->isLongerThan(Length::zero()),
            ),
        ));
    }

    private static function fault(string $path, string $sentence): PieceUnreadable
    {
        return PieceUnreadable::because([new Fault($path, $sentence)]);
    }
}
