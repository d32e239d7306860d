<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\EndFindings;
use Rinkel\Core\Closure\Tails;
use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;

/**
 * What the pictures of closures are put together of: tails and stops, barrels, loops, rows of findings, for one piece.
 *
 * @internal
 */
final readonly class EndParts
{
    /** How much of the body the picture of a closure shows at either side, in mm. */
    private const SHOWN = 12.0;

    public EndKnots $knots;
    public EndLoops $loops;

    /**
     * @param non-empty-list<EndCord> $cords
     */
    public function __construct(
        private Draft $draft,
        private array $cords,
    ) {
        $this->knots = new EndKnots($draft, $cords);
        $this->loops = new EndLoops($draft, $cords[0]);
    }

    public function wish(): ClosureWish
    {
        return $this->draft->piece->closure;
    }

    /**
     * @return list<Finding> at the left, from the body outwards
     */
    public function left(): array
    {
        return array_column($this->sides()->left, 1);
    }

    /**
     * @return list<Finding> at the right, from the body outwards
     */
    public function right(): array
    {
        return array_column($this->sides()->right, 1);
    }

    /**
     * Returns what lies at the right where the other half of what is at the left goes on: the ring of a toggle, the eye
     * that a clasp closes on; nothing where something else takes it.
     *
     * @return list<Finding>
     */
    public function otherHalf(): array
    {
        $half = $this->sides()->half();
        foreach (null === $half || [] !== $this->right() ? [] : $this->sides()->left as [$name, $finding]) {
            if ($name === $half && FindingKind::Magnet !== $finding->kind) {
                $wide = Length::longest(Length::ofMillimetres(5), $finding->inside->times(1.3));

                return [Finding::of(FindingKind::Ring, $wide, $wide, $wide->times(0.77))];
            }
        }

        return $this->right();
    }

    /**
     * @return list<Finding> of the closure that are of one kind
     */
    public function of(FindingKind $kind): array
    {
        return array_values(array_filter($this->all(), static fn (Finding $finding): bool => $kind === $finding->kind));
    }

    private function sides(): EndFindings
    {
        return $this->draft->fastened->fittings->sides ?? EndFindings::shared($this->draft->fastened->fittings->named);
    }

    /**
     * @return list<Finding> of the closure, in order
     */
    public function all(): array
    {
        return $this->draft->fastened->findings;
    }

    /**
     * Returns how far one of two unlike ends reaches from the body.
     *
     * @param int $way 1 where the piece ends, -1 where it begins
     */
    public function reach(int $way): float
    {
        $start = $this->knots->knot();

        return $way < 0 ? $start : $this->draft->fastened->span->narrow->millimetres - $start;
    }

    /**
     * Returns a loop that reaches so far from the body and lies so long, behind the knot that binds it.
     */
    public function looped(float $x, int $way, float $reach, float $flat): Scene
    {
        $near = $x + $way * ($reach - $flat);
        $far = $x + $way * $reach;
        $knot = abs($near - $x);
        $motif = StopKnot::motif('stop');
        $cord = $this->cords[0];

        return new Scene(
            new SceneFrame(
                left: min($x, $far),
                right: max($x, $far),
                height: 0.64 * $reach + 3 * $cord->thickness,
            ),
            $this->loops->between($near, $far, $way),
            $knot < 0.1 ? [] : [
                new Placed(
                    $motif,
                    new Pose(x: min($x, $near), y: 0, scale: $knot / $motif->length),
                    $cord->colour,
                    $cord->role,
                    count: 1,
                    knots: 0,
                ),
            ],
        );
    }

    /**
     * Returns the loops at one end, one behind the other, of which the first reaches so far from the body.
     */
    public function loopedAll(float $x, int $way, float $reach): Scene
    {
        $flat = $this->loops->flat($way);
        $all = $this->looped($x, $way, $reach, $flat);
        $before = null;
        foreach ($this->draft->fastened->span->sizes as $size) {
            if (null !== $before) {
                $further = $size->minus($before)->millimetres;
                $all = $all->with($this->looped($x + $way * $reach, $way, $further, $flat));
                $reach += $further;
            }
            $before = $size;
        }

        return $all;
    }

    /**
     * Returns the tails at one end.
     */
    public function tail(float $x, int $way): Scene
    {
        $far = $x + $way * $this->knots->tail();

        return new Scene(
            new SceneFrame(left: min($x, $far), right: max($x, $far), height: 0),
            array_map(static fn (EndCord $cord): DrawnCord => DrawnCord::straight(
                min($x, $far),
                max($x, $far),
                $cord->y,
                $cord->thickness,
                $cord->colour,
                $cord->role,
            ), $this->cords),
            [],
        );
    }

    public function body(): float
    {
        return $this->draft->body()->millimetres;
    }

    /**
     * Returns the cords bare between the body's end and its beginning, $gap mm further, with knots on them.
     *
     * @param list<Placed> $knots
     */
    public function across(float $gap, array $knots = []): Scene
    {
        $body = $this->body();
        $cords = array_map(
            static fn (EndCord $cord): DrawnCord => DrawnCord::straight(
                $body,
                $body + $gap,
                $cord->y,
                $cord->thickness,
                $cord->colour,
                $cord->role,
            ),
            $this->cords,
        );

        return new Scene(
            new SceneFrame(left: $body, right: $body + $gap, height: 0),
            $cords,
            $knots,
        );
    }

    /**
     * Returns both tails beside each other with the body's ends $gap mm apart, and the knots on them.
     *
     * @param callable(float): list<Placed> $knots takes how far a tail lies aside
     */
    public function overlapping(float $gap, callable $knots): Scene
    {
        $end = $this->knots->tail() + 3 * $this->knots->thickness() + $this->draft->piece->habits->tailEnd()
            ->millimetres;
        $half = $this->knots->thickness() * \count($this->cords) / 2;
        $cords = [];
        foreach ($this->cords as $cord) {
            $cords[] = DrawnCord::straight(-self::SHOWN, 0, $cord->y, $cord->thickness, $cord->colour, $cord->role);
            $cords[] = DrawnCord::straight($gap, $gap + self::SHOWN, $cord->y, $cord->thickness, $cord->colour, $cord->role);
            $cords[] = DrawnCord::straight(0, $end, $cord->y - $half, $cord->thickness, $cord->colour, $cord->role);
            $cords[] = DrawnCord::straight(
                $gap - $end,
                $gap,
                $cord->y + $half,
                $cord->thickness,
                $cord->colour,
                $cord->role,
            );
        }

        return new Scene(
            new SceneFrame(
                left: min(-self::SHOWN, $gap - $end),
                right: max($gap + self::SHOWN, $end),
                height: 8 * $this->knots->thickness() + 2 * $half,
            ),
            $cords,
            $knots($half),
        );
    }

    /**
     * Returns cords' ends and findings at both ends of the body lying open.
     *
     * @param list<Finding> $left  from the body outwards
     * @param list<Finding> $right likewise
     */
    public function held(array $left, array $right): Scene
    {
        $body = $this->body();

        return (new Scene(
            new SceneFrame(left: 0, right: $body, height: 0),
            [...$this->into(0, -1, $left), ...$this->into($body, 1, $right)],
            [],
        ))
            ->with($this->row($left, 0, -1))
            ->with($this->row($right, $body, 1));
    }

    /**
     * Returns the same as it is worn, in one row.
     *
     * @param list<Finding> $left
     * @param list<Finding> $right
     */
    public function joined(float $gap, array $left, array $right): Scene
    {
        $body = $this->body();

        return (new Scene(
            new SceneFrame(left: $body, right: $body + $gap, height: 0),
            [...$this->into($body, 1, $right), ...$this->into($body + $gap, -1, $left)],
            [],
        ))
            ->with($this->row([...$right, ...array_reverse($left)], $body, 1));
    }

    /**
     * Returns the tails at both ends with what ties them, each as long as its cord is kept.
     *
     * @param list<Placed> $knots
     * @param float|null   $right from the body's end, of tails that end in no stop there
     */
    public function tails(array $knots, ?float $right = null): Scene
    {
        $body = $this->body();
        $longest = max([0.0, ...array_map(static fn (Placed $one): float => $one->end() - $one->pose->x, $knots)]);
        $beyond = [] === $knots ? 0.0 : $longest + $this->stays();
        $cords = $beads = [];
        $far = 0.0;
        foreach ($this->cords as $i => $cord) {
            $tail = $this->knots->tail() + $this->knots->further($i) + $beyond;
            $left = $tail + $this->tip($cord, $i, -1, $tail - $this->stays(), $beads, $knots);
            $end = $right ?? $tail + $this->tip($cord, $i, 1, $tail - $this->stays(), $beads, $knots);
            $cords[] = DrawnCord::straight(-$left, 0, $cord->y, $cord->thickness, $cord->colour, $cord->role);
            $cords[] = DrawnCord::straight($body, $body + $end, $cord->y, $cord->thickness, $cord->colour, $cord->role);
            $far = max($far, $left);
        }

        return new Scene(
            new SceneFrame(
                left: -$far,
                right: $body + ($right ?? $far),
                height: 3.2 * $this->knots->thickness(),
            ),
            $cords,
            $knots,
            beads: $beads,
        );
    }

    /**
     * Returns what stays of a tail beyond its last knot, in mm.
     */
    public function stays(): float
    {
        $isFrayed = true === $this->wish()->reach->tails?->frayed;

        return ($isFrayed ? Tails::frayed() : $this->draft->piece->habits->tailEnd())->millimetres;
    }

    /**
     * Returns whether beads hang at the tips of its tails.
     */
    public function isTipped(): bool
    {
        return null !== ($this->wish()->reach->tails->bead ?? null);
    }

    /**
     * Lays the bead at the tip of one tail, beyond its stop, and the knot that holds it; returns how much longer the
     * tail is for them.
     *
     * @param list<DrawnBead> $beads that lie already
     * @param list<Placed>    $knots likewise
     */
    private function tip(EndCord $cord, int $i, int $way, float $from, array &$beads, array &$knots): float
    {
        $name = $this->wish()->reach->tails->bead ?? '';
        $bead = $this->draft->piece->beads[$name] ?? null;
        if (null === $bead) {
            return 0.0;
        }
        $length = $bead->length->millimetres;
        $isApart = $this->knots->further(1) > 0.9 * $length;
        $beads[] = new DrawnBead(
            $name,
            $bead,
            $way > 0 ? $this->body() + $from : -$from - $length,
            $isApart ? $cord->y : $cord->y * $bead->diameter->millimetres / max(0.1, $cord->thickness),
        );

        $knots[] = $this->knots->overhand(
            $cord,
            $way > 0 ? $this->body() + $from + $length : -$from - $length,
            $cord->y,
            $way < 0,
        );

        return $length + $this->knots->stopKnot()->millimetres;
    }

    /**
     * Returns the cords' ends on their way together into the first of the findings that hold them.
     *
     * @param list<Finding> $findings
     *
     * @return list<DrawnCord>
     */
    private function into(float $x, int $way, array $findings): array
    {
        $count = \count($this->cords);
        $deep = 0.6 * $way * ([] === $findings ? 0.0 : $findings[0]->length->millimetres);

        return 1 === $count || [] === $findings ? [] : array_map(fn (EndCord $cord, int $i): DrawnCord => new DrawnCord(
            [
                new Point($x, $cord->y),
                new Point($x + 0.3 * $deep, $cord->y * 0.6),
                new Point($x + $deep, $this->knots->thickness() * ($i - ($count - 1) / 2)),
            ],
            $cord->thickness,
            $cord->colour,
            $cord->role,
        ), $this->cords, array_keys($this->cords));
    }

    /**
     * @param list<Finding> $findings from the body outwards
     * @param int           $way      1 to the right, -1 to the left
     */
    public function row(array $findings, float $x, int $way): Scene
    {
        $drawn = [];
        $height = 0.0;
        $at = $x;
        foreach ($findings as $finding) {
            $length = $finding->length->millimetres;
            $drawn[] = new DrawnFinding($finding, $way > 0 ? $at : $at - $length, 0, $way < 0);
            $at += $way * $length;
            $height = max(
                $height,
                $finding->width->millimetres,
                FindingKind::Button === $finding->kind ? $length : 0.0,
            );
        }

        return new Scene(
            new SceneFrame(left: min($x, $at), right: max($x, $at), height: $height),
            [],
            [],
            beads: [],
            findings: $drawn,
        );
    }
}
