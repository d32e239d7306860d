<?php

declare(strict_types=1);

namespace Rinkel\Core\Hand\Work;

use Rinkel\Core\Hand\HandReading;
use Rinkel\Core\Hand\Work;
use Rinkel\Core\Knot\Kind\VerticalLarksHead;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Knot\TyingContext;
use Rinkel\Core\Knot\WaveArm;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;

/**
 * Waves: arms of vertical lark's heads with a round on the core and seed beads outside. Its beads are what they are, so
 * a wave tells of its lark's heads.
 *
 * @internal
 */
final readonly class Waves implements Work
{
    use ShortensEnds;

    private VerticalLarksHead $head;

    /**
     * @param Length $core thickness of the one core of an arm
     */
    public function __construct(
        private Cord $cord,
        private Length $core,
        public WaveArm $arm,
    ) {
        $this->head = new VerticalLarksHead();
    }

    public function word(): string
    {
        return 'wave';
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
        $model = $this->model()->times($count * $this->arm->heads());
        $pitch = null === $length ? null : $this->arm->headOf($length->times(1 / $count));

        return new HandReading(
            $this->head->word(),
            true,
            $pitch?->times($count * $this->arm->heads()),
            $model->pitch,
            $used?->minus($this->arm->outside()->times($count)),
            $model->use,
        );
    }

    /**
     * Returns what runs past the seed beads, and around the core at each lark's head twice.
     */
    public function least(int $count, ?Length $length): Length
    {
        $turn = (new Bundle($this->core, 1))->turn($this->cord->round());

        return $this->arm->outside()->plus($turn->times($this->arm->heads()))->times($count);
    }

    private function model(): TiedKnot
    {
        return $this->head->tied(TyingContext::around(new Bundle($this->core, 1), $this->cord), Tension::Even);
    }
}
