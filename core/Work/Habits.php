<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

use Rinkel\Core\Knot\Side;
use Rinkel\Core\Material\Ending;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Material\Gluing;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;

/**
 * How a maker works, as far as it changes a piece; null is what is usual.
 */
final readonly class Habits
{
    /** Square knots in a slider when nothing else is said (common practice: 3 to 5). */
    public const SLIDER_KNOTS = 4;

    /** What a maker needs of a free end to hold it and knot with it, in mm (common practice). */
    public const HOLD = 75.0;

    /** What she needs of the cord that ties a slider, pulled through and trimmed at once, in mm (judgement). */
    public const SLIDER = 25.0;

    /** What a rope's end wants to be glued and trimmed, in mm (judgement). */
    public const GLUED = 40.0;

    /** What stays of a tail beyond its stop, in mm: trim to about 1 cm (common practice). */
    private const TAIL_END = 10.0;

    /**
     * @param Length|null $rounding    step to which cuts are rounded up; that of the unit when null
     * @param Length|null $coreEnds    of each core, or of the cord that carries everything, to hold it by
     * @param Length|null $workingEnds of each end that only ties
     * @param Length|null $tailEnd     what stays of a tail beyond its stop
     * @param int|null    $sliderKnots square knots in a slider
     * @param Side        $side        which working cord begins
     * @param Ending      $melting     how ends of cord that melts are kept
     * @param Gluing      $gluing      what comes first where an end is glued
     * @param Turn        $working     when working ends are made safe: before what closes a piece, or with all others
     * @param Turn        $stops       when the stops of a slider are tied: before it, or after
     * @param Turn        $button      whether a wrap begins with its button, or with its loop
     * @param Crossing    $crossing    how the first cord of a square knot goes over, and the end that winds a barrel
     * @param Stringing   $stringing   whether beads are strung before the knots, or each when its turn comes
     * @param Halving     $halves      whether one half is made safe before the other is begun
     * @param Joining     $joining     how working cords are joined to the cores
     * @param LoopEnd     $loopEnd     which end ties the loop of a wrap
     * @param Reminders   $reminders   how often what there is to look at is said
     * @param Sealing     $sealing     what is put on knots and ends that are not singed
     */
    public function __construct(
        public ?Length $rounding = null,
        public ?Length $coreEnds = null,
        public ?Length $workingEnds = null,
        public ?Length $tailEnd = null,
        public ?int $sliderKnots = null,
        public Side $side = Side::Left,
        public Ending $melting = Ending::Singe,
        public Gluing $gluing = Gluing::First,
        public Turn $working = Turn::First,
        public Turn $stops = Turn::Last,
        public Turn $button = Turn::First,
        public Crossing $crossing = Crossing::Front,
        public Stringing $stringing = Stringing::Together,
        public Halving $halves = Halving::Together,
        public Joining $joining = Joining::Laid,
        public LoopEnd $loopEnd = LoopEnd::Long,
        public Reminders $reminders = Reminders::Always,
        public Sealing $sealing = Sealing::Glue,
    ) {}

    /**
     * Returns the step to which cords are cut: one that a tape in $unit shows, so that a cut is what is read there.
     */
    public function cutStep(Unit $unit): Length
    {
        return $this->rounding?->roundedUpTo($unit->tapeStep()) ?? $unit->cutStep();
    }

    /**
     * Returns what a free end is held by.
     *
     * @param bool $carries whether it is of a cord that carries the piece, and does not only tie
     */
    public function hold(bool $carries): Length
    {
        return ($carries ? $this->coreEnds : $this->workingEnds) ?? Length::ofMillimetres(self::HOLD);
    }

    public function tailEnd(): Length
    {
        return $this->tailEnd ?? Length::ofMillimetres(self::TAIL_END);
    }

    public function sliderKnots(): int
    {
        return $this->sliderKnots ?? self::SLIDER_KNOTS;
    }

    /**
     * Returns how ends of $fibre are kept from fraying.
     */
    public function ending(Fibre $fibre): Ending
    {
        return Ending::Singe === $fibre->ending() ? $this->melting : $fibre->ending();
    }
}
