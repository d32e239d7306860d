<?php

declare(strict_types=1);

namespace Rinkel\Core\Hand;

use Rinkel\Core\Knot\Ground;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\Tied;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Said;

/**
 * Some knots of one kind that a maker tied one after the other and measured: how long they are together, and what they
 * took of one of the ends that tied them.
 */
final readonly class OwnSample
{
    /** What reading a tape leaves, in mm, as a standard deviation (judgement). */
    private const TAPE = 1.0;

    /**
     * @param int         $count  of knots, from 1
     * @param int|null    $turns  of a knot of which turns are said
     * @param Bundle|null $core   that they are tied around; null for a knot in its own cord
     * @param Length|null $length of all of them, null where it was not measured
     * @param Length|null $used   of one end, null where it was not measured
     */
    public function __construct(
        public Knot $knot,
        public int $count,
        public ?int $turns,
        public Cord $cord,
        public ?Bundle $core,
        public ?Length $length,
        public ?Length $used,
    ) {}

    /**
     * Returns such a knot as the model of an even hand has it.
     */
    public function model(): Tied
    {
        $ground = null === $this->core || Manner::Own === $this->knot->manner()
            ? Ground::itself($this->cord, 1, $this->turns ?? $this->knot->usualTurns() ?? 1)
            : Ground::around($this->core, $this->cord);

        return $this->knot->tied($ground, Tension::Even);
    }

    /**
     * Returns why no knots can measure that, or null when they can: they take at least their own length, and the way
     * around their core.
     */
    public function impossible(): ?Said
    {
        if (null === $this->used) {
            return null;
        }
        $pitch = $this->length?->times(1 / $this->count) ?? Length::zero();
        $turn = null === $this->core || !$this->knot->manner()->isPushed()
            ? Length::zero()
            : $this->core->turn($this->cord->round())->times(0.5);
        $least = Length::longest($pitch, $turn);
        $use = $this->used->times(1 / $this->count);

        return $use->isShorterThan($least) ? new Said('sample-impossible', [
            'use' => $use->written(Unit::Millimetre),
            'least' => $least->written(Unit::Millimetre),
        ]) : null;
    }

    /**
     * @param string $piece by which it is told from other samples
     */
    public function observation(string $piece): Observation
    {
        $model = $this->model();
        $log = fn (?Length $measured, Length $one): ?float => null === $measured
            ? null
            : log($measured->ratioTo($one->times($this->count)));
        $used = max(1.0, $this->used->millimetres ?? 1.0);

        return new Observation(
            $piece,
            Hand::kind($this->knot->word()),
            Hand::cord($this->cord),
            $log($this->length, $model->pitch),
            self::TAPE / max(1.0, $this->length->millimetres ?? 1.0),
            $log($this->used, $model->use),
            // An end is read before and after.
            sqrt(2) * self::TAPE / $used,
            $this->knot->manner()->isPushed(),
        );
    }
}
