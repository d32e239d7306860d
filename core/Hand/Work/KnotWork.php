<?php

declare(strict_types=1);

namespace Rinkel\Core\Hand\Work;

use Rinkel\Core\Hand\Hand;
use Rinkel\Core\Hand\HandReading;
use Rinkel\Core\Hand\Work;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Knot\TyingContext;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;

/**
 * Knots of one kind, tied one after the other, perhaps with beads between them.
 *
 * @internal
 */
final readonly class KnotWork implements Work
{
    use ShortensEnds;

    /**
     * @param int|null    $turns of a knot whose turns are given
     * @param Bundle|null $core  that they are tied around; null for a knot in its own cord
     * @param Length|null $beads that lie between them, all together: ends run past or through them straight
     */
    public function __construct(
        public Knot $knot,
        private ?int $turns,
        private Cord $cord,
        public ?Bundle $core,
        public ?Length $beads = null,
    ) {}

    public function word(): string
    {
        return $this->knot->word();
    }

    public function cord(): Cord
    {
        return $this->cord;
    }

    public function wantsEnd(): bool
    {
        return false;
    }

    public function wantsLength(): bool
    {
        return false;
    }

    public function reading(int $count, ?Length $length, ?Length $used): HandReading
    {
        $model = $this->model()->times($count);
        $beads = $this->beads ?? Length::zero();

        return new HandReading(
            Hand::kind($this->word()),
            $this->knot->manner()->isPushed(),
            $length?->minus($beads),
            $model->pitch,
            $used?->minus($beads),
            $model->use,
        );
    }

    /**
     * Returns their own length, or the way around their core where that is more, and what lies between them.
     */
    public function least(int $count, ?Length $length): Length
    {
        $beads = $this->beads ?? Length::zero();
        $turn = null === $this->core || !$this->knot->manner()->isPushed()
            ? Length::zero()
            : $this->core->turn($this->cord->round())->times(0.5 * $count);

        return Length::longest($length ?? $beads, $turn->plus($beads));
    }

    /**
     * Returns one such knot as the model of an even hand has it.
     */
    private function model(): TiedKnot
    {
        $ground = null === $this->core || Manner::Own === $this->knot->manner()
            ? TyingContext::itself($this->cord, 1, $this->turns ?? $this->knot->usualTurns() ?? 1)
            : TyingContext::around($this->core, $this->cord);

        return $this->knot->tied($ground, Tension::Even);
    }
}
