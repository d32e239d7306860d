<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Knot\Kind\Barrel;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Measure\Length;

/**
 * The knots at a piece's ends, each as long as it was counted: what ties a slider, what stops an end, what slides.
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
        $knots = $this->draft->piece->closure->knots;
        $cord = $this->draft->piece->sliderCord() ?? $this->draft->piece->cord($this->cords[0]->role)->cord;
        $w = $cord->round()->millimetres;
        $sinnet = new FlatSinnet(
            $this->thickness() * \count($this->cords) / $w,
            $this->knot() / $knots / 2 / $w,
            $this->draft->piece->habits->side,
        );

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

    public function thickness(): float
    {
        return $this->cords[0]->thickness;
    }

    /**
     * Returns the length of the knot that stops an end, as it was counted.
     */
    private function stopKnot(): Length
    {
        $ends = $this->draft->construction->ends($this->draft->piece);

        return $this->draft->book()->in(new Overhand(), $ends->cord, $ends->count)->pitch;
    }

    private function barrelWidth(): float
    {
        $cord = $this->draft->construction->ends($this->draft->piece)->cord;

        return $this->draft->book()->sliding(new Barrel(), $cord, $cord)->width->millimetres;
    }
}
