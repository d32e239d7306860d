<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

use Rinkel\Core\Material\Ending;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;

/**
 * How a maker works, as far as it changes a piece; null is what is usual.
 *
 * @internal
 */
final readonly class Habits
{
    /** Square knots in a slider when nothing else is said (common practice: 3 to 5). */
    public const SLIDER_KNOTS = 4;

    /** What a maker needs of a free end to hold it and knot with it, in mm (common practice). */
    public const HOLD = 75.0;

    /** What they need of the cord that ties a slider, pulled through and trimmed at once, in mm (judgement). */
    public const SLIDER = 25.0;

    /** What a rope's end wants to be glued and trimmed, in mm (judgement). */
    public const GLUED = 40.0;

    /** What stays of a tail beyond its stop, in mm: trim to about 1 cm (common practice). */
    private const TAIL_END = 10.0;

    /**
     * @param Reminders $reminders how often what there is to look at is said
     */
    public function __construct(
        public Allowances $allowances = new Allowances(),
        public EndHabits $ends = new EndHabits(),
        public OrderHabits $order = new OrderHabits(),
        public TyingHabits $tying = new TyingHabits(),
        public Reminders $reminders = Reminders::Always,
    ) {}

    /**
     * Returns the step to which cords are cut: one that a tape in $unit shows, so that a cut is what is read there.
     */
    public function cutStep(Unit $unit): Length
    {
        return $this->allowances->rounding?->roundedUpTo($unit->tapeStep()) ?? $unit->cutStep();
    }

    /**
     * Returns what a free end is held by.
     *
     * @param bool $carries whether it is of a cord that carries the piece, and does not only tie
     */
    public function hold(bool $carries): Length
    {
        return ($carries ? $this->allowances->coreEnds : $this->allowances->workingEnds)
            ?? Length::ofMillimetres(self::HOLD);
    }

    public function tailEnd(): Length
    {
        return $this->allowances->tailEnd ?? Length::ofMillimetres(self::TAIL_END);
    }

    public function sliderKnots(): int
    {
        return $this->allowances->sliderKnots ?? self::SLIDER_KNOTS;
    }

    /**
     * Returns how ends of $fibre are kept from fraying.
     */
    public function ending(Fibre $fibre): Ending
    {
        return Ending::Singe === $fibre->ending() ? $this->ends->melting : $fibre->ending();
    }
}
