<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece;

use Rinkel\Core\Fit\Measured;
use Rinkel\Core\Fit\Wearer;
use Rinkel\Core\Knot\Hand;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;

/**
 * What a maker decided about one piece; all that the planner needs and nothing it could work out.
 *
 * PieceReader is the door at which every bound is checked.
 */
final readonly class Piece
{
    /**
     * @param Length      $ease        room over the wrist; only counts when the wrist was measured snug
     * @param int         $cores       how many core cords lie in the band
     * @param int         $sliderKnots square knots in the slider
     * @param Length|null $tail        slider tail from body to stop knot, or null to let the hand decide
     * @param int|null    $squareKnots square knots in the band, or null to let the wrist decide
     */
    public function __construct(
        public string $name,
        public Unit $unit,
        public Wearer $wearer,
        public Length $ease,
        public Cord $core,
        public int $cores,
        public Cord $working,
        public Hand $hand,
        public int $sliderKnots,
        public ?Length $tail = null,
        public ?int $squareKnots = null,
    ) {}

    /**
     * Returns the room over the measured wrist: none when the tape already lay comfortably loose.
     */
    public function roomOverWrist(): Length
    {
        return Measured::Snug === $this->wearer->measured ? $this->ease : Length::zero();
    }

    public function coreBundle(): Bundle
    {
        return new Bundle($this->core->thickness, $this->cores);
    }

    /**
     * Returns what the slider is tied around: the core ends of both sides.
     */
    public function tailBundle(): Bundle
    {
        return new Bundle($this->core->thickness, 2 * $this->cores);
    }

    public function renamed(string $name): self
    {
        return $this->with(['name' => $name]);
    }

    public function withSquareKnots(?int $squareKnots): self
    {
        return $this->with(['squareKnots' => $squareKnots]);
    }

    public function withTail(?Length $tail): self
    {
        return $this->with(['tail' => $tail]);
    }

    public function withSliderKnots(int $sliderKnots): self
    {
        return $this->with(['sliderKnots' => $sliderKnots]);
    }

    public function withUnit(Unit $unit): self
    {
        return $this->with(['unit' => $unit]);
    }

    public function withWearer(Wearer $wearer): self
    {
        return $this->with(['wearer' => $wearer]);
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
