<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Internal;

use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Closure\SquareKnotSlider;
use Rinkel\Core\Drawing\Cord;
use Rinkel\Core\Drawing\CordKnots;
use Rinkel\Core\Drawing\DrawnFinding;
use Rinkel\Core\Drawing\FlatSinnet;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\Scene;
use Rinkel\Core\Drawing\StopKnot;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Knot\BarrelKnot;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Draft;

/**
 * Lays a closure out: at both ends of a piece lying open, and between them as it is worn.
 *
 * @internal
 */
final readonly class Ends
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

    /**
     * Returns what lies left of 0 and right of the body when the piece lies open.
     */
    public function open(): Scene
    {
        $body = $this->draft->body()->millimetres;
        $fastened = $this->draft->fastened;

        return match ($fastened->kind) {
            ClosureKind::SquareSlider, ClosureKind::SlideBead => $this->tails($body, $this->stop(-$this->tail(), 0, true), $this->stop($body + $this->tail(), 0, false)),
            ClosureKind::DoubleBarrel => $this->tails($body, $this->barrel(-$this->tail() - $this->knot(), 0), $this->barrel($body + $this->tail(), 0)),
            ClosureKind::SingleBarrel => $this->tails($body, $this->barrel(-$this->shortTail() - $this->knot(), 0), $this->stop($body + $this->tail(), 0, false), $this->shortTail()),
            ClosureKind::Ties => $this->tails($body, null, null),
            ClosureKind::ButtonLoop => $this->loops($body)->with($this->row($this->findings([FindingKind::Button]), $body, 1)),
            ClosureKind::Clasp, ClosureKind::Magnetic => (new Scene(0, $body, 0, [...$this->into(0, -1, $this->leftFindings()), ...$this->into($body, 1, $this->rightFindings())], []))
                ->with($this->row($this->leftFindings(), 0, -1))->with($this->row($this->rightFindings(), $body, 1)),
            default => new Scene(0, $body, 0, [], []),
        };
    }

    /**
     * Returns what lies between the body's end and its beginning, $gap mm further, when the piece is worn.
     */
    public function worn(float $gap): Scene
    {
        $body = $this->draft->body()->millimetres;
        $middle = $body + $gap / 2;
        $across = array_map(static fn (EndCord $cord): Cord => Cord::straight($body, $body + $gap, $cord->y, $cord->thickness, $cord->colour, $cord->role), $this->cords);

        return match ($this->draft->fastened->kind) {
            ClosureKind::SquareSlider => new Scene($body, $body + $gap, 0, $across, $this->slider($middle - $this->knot() / 2)),
            ClosureKind::SlideBead => (new Scene($body, $body + $gap, 0, $across, []))->with($this->row($this->findings([FindingKind::SlideBead]), $middle - $this->knot() / 2, 1)),
            ClosureKind::DoubleBarrel => new Scene($body, $body + $gap, 0, $across, [$this->barrel($body + max(0, $gap - $this->tail() - $this->knot()), 0), $this->barrel($body + min($gap - $this->knot(), $this->tail()), 0)]),
            ClosureKind::SingleBarrel => new Scene($body, $body + $gap, 0, $across, [$this->barrel($middle - $this->knot() / 2, 0)]),
            ClosureKind::ButtonLoop => (new Scene($body, $body + $gap, 0, [$this->loop($body, $body + $gap)], []))->with($this->row($this->findings([FindingKind::Button]), $body, 1)),
            ClosureKind::Clasp, ClosureKind::Magnetic => (new Scene($body, $body + $gap, 0, [...$this->into($body, 1, $this->rightFindings()), ...$this->into($body + $gap, -1, $this->leftFindings())], []))
                ->with($this->row([...$this->rightFindings(), ...array_reverse($this->leftFindings())], $body, 1)),
            default => new Scene($body, $body + $gap, 0, $across, []),
        };
    }

    /**
     * Returns a sliding closure with the body's ends $gap mm apart, each tail beside the other; null for one that does not slide.
     */
    public function sliding(float $gap): ?Scene
    {
        if (!$this->draft->fastened->kind->slides()) {
            return null;
        }
        $end = $this->tail() + 3 * $this->thickness() + SquareKnotSlider::tailEnd()->millimetres;
        $half = $this->thickness() * \count($this->cords) / 2;
        $cords = [];
        foreach ($this->cords as $cord) {
            $cords[] = Cord::straight(-self::SHOWN, 0, $cord->y, $cord->thickness, $cord->colour, $cord->role);
            $cords[] = Cord::straight($gap, $gap + self::SHOWN, $cord->y, $cord->thickness, $cord->colour, $cord->role);
            $cords[] = Cord::straight(0, $end, $cord->y - $half, $cord->thickness, $cord->colour, $cord->role);
            $cords[] = Cord::straight($gap - $end, $gap, $cord->y + $half, $cord->thickness, $cord->colour, $cord->role);
        }
        $kind = $this->draft->fastened->kind;
        $placed = match ($kind) {
            ClosureKind::SquareSlider => [...$this->slider(($gap - $this->knot()) / 2), $this->stop($this->tail(), -$half, false), $this->stop($gap - $this->tail(), $half, true)],
            ClosureKind::SlideBead => [$this->stop($this->tail(), -$half, false), $this->stop($gap - $this->tail(), $half, true)],
            ClosureKind::DoubleBarrel => [$this->barrel($this->tail(), 0), $this->barrel($gap - $this->tail() - $this->knot(), 0)],
            default => [$this->barrel($this->shortTail(), 0), $this->stop($gap - $this->tail(), $half, true)],
        };
        $scene = new Scene(min(-self::SHOWN, $gap - $end), max($gap + self::SHOWN, $end), 8 * $this->thickness() + 2 * $half, $cords, $placed);

        return ClosureKind::SlideBead === $kind ? $scene->with($this->row($this->findings([FindingKind::SlideBead]), ($gap - $this->knot()) / 2, 1)) : $scene;
    }

    private function tails(float $body, ?Placed $left, ?Placed $right, ?float $leftTail = null): Scene
    {
        $end = $this->tail() + (null === $right ? 0.0 : $right->end() - $right->x + SquareKnotSlider::tailEnd()->millimetres);
        $leftEnd = null === $leftTail ? $end : $leftTail + $this->knot() + SquareKnotSlider::tailEnd()->millimetres;
        $cords = [];
        foreach ($this->cords as $cord) {
            $cords[] = Cord::straight(-$leftEnd, 0, $cord->y, $cord->thickness, $cord->colour, $cord->role);
            $cords[] = Cord::straight($body, $body + $end, $cord->y, $cord->thickness, $cord->colour, $cord->role);
        }

        return new Scene(-$leftEnd, $body + $end, 3.2 * $this->thickness(), $cords, array_values(array_filter([$left, $right])));
    }

    private function loops(float $body): Scene
    {
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
    private function loop(float $from, float $to): Cord
    {
        $half = ($to - $from) / 2;
        $cord = $this->cords[0];
        $knotted = true === $this->draft->piece->closure?->knotted;

        return new Cord(array_map(
            static fn (int $i): Point => new Point($from + $half + $half * cos(\M_PI * $i / 30), 0.64 * $half * sin(\M_PI * $i / 30)),
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
            [new Point($x, $cord->y), new Point($x + 0.3 * $deep, $cord->y * 0.6), new Point($x + $deep, $this->thickness() * ($i - ($count - 1) / 2))],
            $cord->thickness,
            $cord->colour,
            $cord->role,
        ), $this->cords, array_keys($this->cords));
    }

    /**
     * @param list<Finding> $findings from the body outwards
     * @param int           $way      1 to the right, -1 to the left
     */
    private function row(array $findings, float $x, int $way): Scene
    {
        $drawn = [];
        $height = 0.0;
        $at = $x;
        foreach ($findings as $finding) {
            $length = $finding->length->millimetres;
            $drawn[] = new DrawnFinding($finding, $way > 0 ? $at : $at - $length, 0, $way < 0);
            $at += $way * $length;
            $height = max($height, $finding->width->millimetres, FindingKind::Button === $finding->kind ? $length : 0.0);
        }

        return new Scene(min($x, $at), max($x, $at), $height, [], [], [], $drawn);
    }

    /**
     * @return list<Finding>
     */
    private function leftFindings(): array
    {
        return [...$this->endAndRing(0), ...$this->findings([FindingKind::Clasp, FindingKind::Toggle, FindingKind::Magnet])];
    }

    /**
     * @return list<Finding>
     */
    private function rightFindings(): array
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
    private function findings(array $kinds): array
    {
        return array_values(array_filter($this->draft->fastened->findings, static fn (Finding $one): bool => \in_array($one->kind, $kinds, true)));
    }

    /**
     * @return list<Placed>
     */
    private function slider(float $from): array
    {
        $knots = $this->draft->piece->closure->knots ?? 4;
        $cord = $this->draft->piece->sliderCord() ?? $this->draft->piece->cord($this->cords[0]->role)->cord;
        $w = $cord->round()->millimetres;
        $sinnet = new FlatSinnet($this->thickness() * \count($this->cords) / $w, $this->knot() / $knots / 2 / $w);

        return [
            new Placed($sinnet->start('slider-start'), $from, 0, $w, $cord->colour, 'slider', 1, 0),
            new Placed($sinnet->squareKnot('slider'), $from, 0, $w, $cord->colour, 'slider', $knots),
            new Placed($sinnet->finish('slider-finish'), $from + $this->knot(), 0, $w, $cord->colour, 'slider', 1, 0),
        ];
    }

    private function stop(float $x, float $y, bool $turned): Placed
    {
        $motif = StopKnot::motif('stop');

        return new Placed($motif, $x, $y, 3.3 * $this->thickness() * \count($this->cords) ** 0.5 / $motif->length, $this->cords[0]->colour, $this->cords[0]->role, 1, 0, $turned);
    }

    private function barrel(float $x, float $y): Placed
    {
        $w = $this->thickness();
        $wraps = $this->draft->piece->closure->wraps ?? BarrelKnot::USUAL;

        return new Placed(CordKnots::barrel('sliding-'.$wraps, $wraps, $this->knot() / $w, 3.3), $x, $y, $w, $this->cords[0]->colour, $this->cords[0]->role, 1, 0);
    }

    private function thickness(): float
    {
        return $this->cords[0]->thickness;
    }

    private function knot(): float
    {
        return ($this->draft->fastened->length ?? Length::zero())->millimetres;
    }

    private function tail(): float
    {
        return ($this->draft->fastened->tail ?? Length::zero())->millimetres;
    }

    /**
     * Returns the short tail of a single sliding knot: what the narrowest gap is beyond the knot.
     */
    private function shortTail(): float
    {
        return $this->draft->fastened->narrow->millimetres - $this->knot();
    }
}
