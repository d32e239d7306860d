<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Knot\Kind\Barrel;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Measure\Length;

/**
 * The knots at a piece's ends, each as long as it was counted: what ties a slider, what stops an end, what slides.
 *
 * @internal
 */
final readonly class EndKnots
{
    /**
     * @param non-empty-list<EndCord> $cords
     */
    public function __construct(
        private Draft $draft,
        private array $cords,
    ) {}

    /**
     * @return list<Placed>
     */
    public function slider(float $from): array
    {
        $knots = $this->draft->piece->closure->knot->knots;
        $cord = $this->draft->piece->sliderCord() ?? $this->draft->piece->cord($this->cords[0]->role)->cord;
        $w = $cord->round()->millimetres;
        $sinnet = new FlatSinnet(
            $this->thickness() * \count($this->cords) / $w,
            $this->knot() / $knots / 2 / $w,
            $this->draft->piece->habits->tying->side,
        );

        return [
            new Placed(
                $sinnet->start('slider-start'),
                new Pose(x: $from, y: 0, scale: $w),
                $cord->colour,
                'slider',
                count: 1,
                knots: 0,
            ),
            new Placed(
                $sinnet->squareKnot('slider'),
                new Pose(x: $from, y: 0, scale: $w),
                $cord->colour,
                'slider',
                count: $knots,
            ),
            new Placed(
                $sinnet->finish('slider-finish'),
                new Pose(x: $from + $this->knot(), y: 0, scale: $w),
                $cord->colour,
                'slider',
                count: 1,
                knots: 0,
            ),
        ];
    }

    /**
     * Returns what stops the tails of one side: a knot of them all, or one of each.
     *
     * @param float $x   where the tails leave the body
     * @param int   $way 1 for tails to the right, -1 for those to the left
     *
     * @return list<Placed>
     */
    public function stops(float $x, int $way, float $y = 0.0): array
    {
        $placed = [];
        foreach ($this->areStoppedApart() ? $this->cords : [$this->cords[0]] as $i => $cord) {
            $placed[] = $this->overhand(
                $cord,
                $x + $way * ($this->tail() + $this->further($i)),
                $y + ($this->areStoppedApart() ? $cord->y : 0.0),
                $way < 0,
            );
        }

        return $placed;
    }

    public function overhand(EndCord $cord, float $x, float $y, bool $turned): Placed
    {
        $motif = StopKnot::motif('stop');
        $scale = $this->stopKnot()->millimetres / $motif->length;

        return new Placed(
            $motif,
            new Pose(x: $x, y: $y, scale: $scale, turned: $turned),
            $cord->colour,
            $cord->role,
            count: 1,
            knots: 0,
        );
    }

    /**
     * Returns how much further out the stop of one tail is than that of the first, in mm.
     */
    public function further(int $i): float
    {
        return $i * ($this->draft->piece->closure->reach->tails->unequal->millimetres ?? 0.0);
    }

    private function areStoppedApart(): bool
    {
        return ($this->draft->piece->closure->reach->tails ?? null)?->areStoppedApart() ?? false;
    }

    public function barrel(float $x, float $y): Placed
    {
        $w = $this->thickness();
        $wraps = $this->draft->piece->closure->knot->wraps;

        return new Placed(
            CordKnots::barrel('sliding-'.$wraps, $wraps, $this->knot() / $w, $this->barrelWidth() / $w),
            new Pose(x: $x, y: $y, scale: $w),
            $this->cords[0]->colour,
            $this->cords[0]->role,
            count: 1,
            knots: 0,
        );
    }

    public function knot(): float
    {
        return ($this->draft->fastened->span->length ?? Length::zero())->millimetres;
    }

    public function tail(): float
    {
        return ($this->draft->fastened->span->tail ?? Length::zero())->millimetres;
    }

    /**
     * Returns the short tail of a single sliding knot: what the narrowest gap is beyond the knot.
     */
    public function shortTail(): float
    {
        return $this->draft->fastened->span->narrow->millimetres - $this->knot();
    }

    public function thickness(): float
    {
        return $this->cords[0]->thickness;
    }

    /**
     * Returns the length of the knot that stops an end, as it was counted.
     */
    public function stopKnot(): Length
    {
        $ends = $this->draft->construction->ends($this->draft->piece);

        return $this->draft->book()->in(
            new Overhand(),
            $ends->cord,
            $this->areStoppedApart() ? 1 : $ends->count,
        )->pitch;
    }

    private function barrelWidth(): float
    {
        $cord = $this->draft->construction->ends($this->draft->piece)->cord;

        return $this->draft->book()->sliding(new Barrel(), $cord, $cord)->width->millimetres;
    }
}
