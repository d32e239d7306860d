<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot;

use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;

/**
 * One arm of a wave: in every step a vertical lark's head, a round bead on the core and seed beads outside, and one
 * more head at its end.
 *
 * Even beside the joins the rounds of both arms must lie side by side: of k steps the first stands half a round off the
 * middle. So an arm rises by f = r / (1 − (1 − 1/k)²) (a flat arc is a parabola); of length S it turns through a half
 * angle a = 4 f / S, and the wave is S sin(a) / a long along the piece.
 *
 * @internal
 */
final readonly class WaveArm
{
    public int $seeds;

    /**
     * @param int      $steps from 1
     * @param int|null $seeds in each step; as many as go around when null
     */
    public function __construct(
        private Bead $round,
        private Bead $seed,
        private Cord $working,
        public int $steps,
        ?int $seeds = null,
    ) {
        $this->seeds = $seeds ?? $this->fitting();
    }

    /**
     * Returns how many seed beads go around the outer side of a round.
     */
    public function fitting(): int
    {
        return max(1, (int) floor($this->around()->ratioTo($this->seed->length) + 1e-9));
    }

    public function heads(): int
    {
        return $this->steps + 1;
    }

    /**
     * Returns the way of the working cord past all seed beads.
     */
    public function outside(): Length
    {
        return Length::longest($this->seed->length->times($this->seeds), $this->around())->times($this->steps);
    }

    /**
     * Returns how far the arm stands off the middle where it stands off most.
     */
    public function rise(): Length
    {
        return $this->round->diameter->times(0.5 / (1 - (1 - 1 / max(1, $this->steps)) ** 2));
    }

    /**
     * Returns the arm's own length, with lark's heads so long.
     */
    public function long(Length $head): Length
    {
        return $this->round->length->plus($head)->times($this->steps)->plus($head);
    }

    /**
     * Returns how long the wave is along the piece, with lark's heads so long.
     */
    public function along(Length $head): Length
    {
        $arm = $this->long($head);
        $angle = min(\M_PI / 2, 4 * $this->rise()->millimetres / max(1e-9, $arm->millimetres));

        return $arm->times(sin($angle) / max(1e-9, $angle));
    }

    /**
     * Returns how long each lark's head is of a wave that is $along the piece; zero for one shorter than its rounds.
     */
    public function headOf(Length $along): Length
    {
        // A longer head makes a longer wave: halved until nobody could measure the difference.
        [$short, $long] = [Length::zero(), $along];
        for ($i = 0; $i < 40; ++$i) {
            $half = $short->plus($long)->times(0.5);
            [$short, $long] = $this->along($half)->isLongerThan($along) ? [$short, $half] : [$half, $long];
        }

        return $short;
    }

    /**
     * Returns the way around the outer side of a round from knot to knot: half an ellipse whose axes are the round and
     * a seed bead along the core, and the round with a seed bead on it (pi times the mean square of the half axes),
     * less a cord at either end where the knots turn out.
     */
    private function around(): Length
    {
        $along = ($this->round->length->millimetres + $this->seed->length->millimetres) / 2;
        $out = ($this->round->diameter->millimetres + $this->seed->diameter->millimetres) / 2;

        return Length::ofMillimetres(
            max(
                $this->seed->length->millimetres,
                \M_PI * sqrt(($along ** 2 + $out ** 2) / 2) - 2 * $this->working->round()->millimetres,
            ),
        );
    }
}
