<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Closure\SquareKnotSlider;
use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Knot\Kind\Barrel;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;

/**
 * What the pictures of closures are put together of: tails and stops, barrels, loops, rows of findings, for one piece.
 */
final readonly class EndParts
{
    /** How much of the body the picture of a closure shows at either side, in mm. */
    private const SHOWN = 12.0;

    /**
     * @param non-empty-list<EndCord> $cords
     */
    public function __construct(
        private Draft $draft,
        private array $cords,
    ) {}

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
            static fn (EndCord $cord): Cord => Cord::straight(
                $body,
                $body + $gap,
                $cord->y,
                $cord->thickness,
                $cord->colour,
                $cord->role,
            ),
            $this->cords,
        );

        return new Scene($body, $body + $gap, 0, $cords, $knots);
    }

    /**
     * Returns both tails beside each other with the body's ends $gap mm apart, and the knots on them.
     *
     * @param callable(float): list<Placed> $knots takes how far a tail lies aside
     */
    public function overlapping(float $gap, callable $knots): Scene
    {
        $end = $this->tail() + 3 * $this->thickness() + SquareKnotSlider::tailEnd()->millimetres;
        $half = $this->thickness() * \count($this->cords) / 2;
        $cords = [];
        foreach ($this->cords as $cord) {
            $cords[] = Cord::straight(-self::SHOWN, 0, $cord->y, $cord->thickness, $cord->colour, $cord->role);
            $cords[] = Cord::straight($gap, $gap + self::SHOWN, $cord->y, $cord->thickness, $cord->colour, $cord->role);
            $cords[] = Cord::straight(0, $end, $cord->y - $half, $cord->thickness, $cord->colour, $cord->role);
            $cords[] = Cord::straight(
                $gap - $end,
                $gap,
                $cord->y + $half,
                $cord->thickness,
                $cord->colour,
                $cord->role,
            );
        }

        return new Scene(
            min(-self::SHOWN, $gap - $end),
            max($gap + self::SHOWN, $end),
            8 * $this->thickness() + 2 * $half,
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

        return (new Scene(0, $body, 0, [...$this->into(0, -1, $left), ...$this->into($body, 1, $right)], []))
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
            $body,
            $body + $gap,
            0,
            [...$this->into($body, 1, $right), ...$this->into($body + $gap, -1, $left)],
            [],
        ))
            ->with($this->row([...$right, ...array_reverse($left)], $body, 1));
    }

    public function tails(?Placed $left, ?Placed $right, ?float $leftTail = null): Scene
    {
        $body = $this->body();
        $end = $this->tail() + (null === $right ? 0.0 : $right->end() - $right->x + SquareKnotSlider::tailEnd()->millimetres);
        $leftEnd = null === $leftTail ? $end : $leftTail + $this->knot() + SquareKnotSlider::tailEnd()->millimetres;
        $cords = [];
        foreach ($this->cords as $cord) {
            $cords[] = Cord::straight(-$leftEnd, 0, $cord->y, $cord->thickness, $cord->colour, $cord->role);
            $cords[] = Cord::straight($body, $body + $end, $cord->y, $cord->thickness, $cord->colour, $cord->role);
        }

        return new Scene(
            -$leftEnd,
            $body + $end,
            3.2 * $this->thickness(),
            $cords,
            array_values(array_filter([$left, $right])),
        );
    }

    public function loops(): Scene
    {
        $body = $this->body();
        $cords = [];
        $from = 0.0;
        $cord = $this->cords[0];
        $flat = $this->knot();
        foreach ($this->draft->fastened->sizes as $size) {
            $to = $size->millimetres;
            $cords[] = $this->loop(-$to, -$to + $flat);
            $cords[] = Cord::straight(-$to + $flat, -$from, 0, $cord->thickness, $cord->colour, $cord->role);
            $from = $to;
        }

        return new Scene(-$from - $cord->thickness, $body, 0.64 * $flat + $cord->thickness * 3, $cords, []);
    }

    /**
     * Returns a loop lying between $from and $to; one made of knots is drawn as thick as they are.
     */
    public function loop(float $from, float $to): Cord
    {
        $half = ($to - $from) / 2;
        $cord = $this->cords[0];
        $knotted = $this->draft->piece->closure->knotted;

        return new Cord(array_map(
            static fn (int $i): Point => new Point(
                $from + $half + $half * cos(\M_PI * $i / 30),
                0.64 * $half * sin(\M_PI * $i / 30),
            ),
            range(0, 60),
        ), $cord->thickness * ($knotted ? 3 : 1), $cord->colour, $cord->role);
    }

    /**
     * Returns the cords' ends on their way together into the first of the findings that hold them.
     *
     * @param list<Finding> $findings
     *
     * @return list<Cord>
     */
    private function into(float $x, int $way, array $findings): array
    {
        $count = \count($this->cords);
        $deep = 0.6 * $way * ([] === $findings ? 0.0 : $findings[0]->length->millimetres);

        return 1 === $count || [] === $findings ? [] : array_map(fn (EndCord $cord, int $i): Cord => new Cord(
            [
                new Point($x, $cord->y),
                new Point($x + 0.3 * $deep, $cord->y * 0.6),
                new Point($x + $deep, $this->thickness() * ($i - ($count - 1) / 2)),
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

        return new Scene(min($x, $at), max($x, $at), $height, [], [], [], $drawn);
    }

    /**
     * @return list<Finding>
     */
    public function leftFindings(): array
    {
        return [
            ...$this->endAndRing(0),
            ...$this->findings([FindingKind::Clasp, FindingKind::Toggle, FindingKind::Magnet]),
        ];
    }

    /**
     * @return list<Finding>
     */
    public function rightFindings(): array
    {
        return [...$this->endAndRing(1), ...$this->findings([FindingKind::Extender])];
    }

    /**
     * Returns the ends and rings on one side: they take turns.
     *
     * @return list<Finding>
     */
    private function endAndRing(int $side): array
    {
        $those = [];
        foreach ([[FindingKind::FoldOverEnd, FindingKind::CordEnd], [FindingKind::Ring]] as $kinds) {
            foreach ($this->findings($kinds) as $i => $finding) {
                if ($side === $i % 2) {
                    $those[] = $finding;
                }
            }
        }

        return $those;
    }

    /**
     * Returns the closure's findings of some kinds, in the maker's order.
     *
     * @param list<FindingKind> $kinds
     *
     * @return list<Finding>
     */
    public function findings(array $kinds): array
    {
        return array_values(
            array_filter(
                $this->draft->fastened->findings,
                static fn (Finding $finding): bool => \in_array($finding->kind, $kinds, true),
            ),
        );
    }

    /**
     * @return list<Placed>
     */
    public function slider(float $from): array
    {
        $knots = $this->draft->piece->closure->knots;
        $cord = $this->draft->piece->sliderCord() ?? $this->draft->piece->cord($this->cords[0]->role)->cord;
        $w = $cord->round()->millimetres;
        $sinnet = new FlatSinnet($this->thickness() * \count($this->cords) / $w, $this->knot() / $knots / 2 / $w);

        return [
            new Placed($sinnet->start('slider-start'), $from, 0, $w, $cord->colour, 'slider', 1, 0),
            new Placed($sinnet->squareKnot('slider'), $from, 0, $w, $cord->colour, 'slider', $knots),
            new Placed($sinnet->finish('slider-finish'), $from + $this->knot(), 0, $w, $cord->colour, 'slider', 1, 0),
        ];
    }

    public function stop(float $x, float $y, bool $turned): Placed
    {
        $motif = StopKnot::motif('stop');

        return new Placed(
            $motif,
            $x,
            $y,
            $this->stopKnot()->millimetres / $motif->length,
            $this->cords[0]->colour,
            $this->cords[0]->role,
            1,
            0,
            $turned,
        );
    }

    public function barrel(float $x, float $y): Placed
    {
        $w = $this->thickness();
        $wraps = $this->draft->piece->closure->wraps;

        return new Placed(
            CordKnots::barrel('sliding-'.$wraps, $wraps, $this->knot() / $w, $this->barrelWidth() / $w),
            $x,
            $y,
            $w,
            $this->cords[0]->colour,
            $this->cords[0]->role,
            1,
            0,
        );
    }

    /**
     * Returns the length of the knot that stops an end, as it was counted.
     */
    private function stopKnot(): Length
    {
        $ends = $this->draft->construction->ends($this->draft->piece);

        return $this->draft->piece->knots()->in(new Overhand(), $ends->cord, $ends->count)->pitch;
    }

    private function barrelWidth(): float
    {
        $cord = $this->draft->construction->ends($this->draft->piece)->cord;

        return $this->draft->piece->knots()->sliding(new Barrel(), $cord, $cord)->width->millimetres;
    }

    private function thickness(): float
    {
        return $this->cords[0]->thickness;
    }

    public function knot(): float
    {
        return ($this->draft->fastened->length ?? Length::zero())->millimetres;
    }

    public function tail(): float
    {
        return ($this->draft->fastened->tail ?? Length::zero())->millimetres;
    }

    /**
     * Returns the short tail of a single sliding knot: what the narrowest gap is beyond the knot.
     */
    public function shortTail(): float
    {
        return $this->draft->fastened->narrow->millimetres - $this->knot();
    }
}
