<?php

declare(strict_types=1);

namespace Rinkel\Core\Making;

use Rinkel\Core\Cutting\Cut;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Work\Acts;

/**
 * How far a piece has come after so many moves, as planned: what lies along it in the part that is measured together,
 * and what is still to come, parted in what knots make and what is as long as it is.
 *
 * @internal
 */
final readonly class Worked
{
    /**
     * @param float $share of the knots that are tied, by their length, 0 to 1: of the cord in hand
     * @param int   $half  that is in hand, 0 of all
     * @param int   $left  moves of knots still to come in the body
     */
    private function __construct(
        private Plan $plan,
        private Acts $steps,
        public WorkedLengths $lengths,
        public float $share,
        public int $half,
        public int $left,
    ) {}

    public static function until(Plan $plan, Acts $steps, int $moves): self
    {
        $half = self::halfAt($steps, $moves);
        // Of each half what is made, and of that what knots make.
        [$done, $doneKnots, $ownKnots, $end] = [[0.0, 0.0, 0.0], [0.0, 0.0, 0.0], 0.0, [0.0, 0.0, 0.0]];
        [$rest, $restKnots, $left] = [0.0, 0.0, 0];
        foreach ($steps->all as $i => $step) {
            [$from, $due] = [$step->spot->from, $step->spot->due];
            if (null === $due || null === $from) {
                continue;
            }
            $of = $step->grip->half;
            $tied = max(0, min($step->stint->count, $moves - $steps->before($i)));
            $bare = max(0.0, $from->millimetres - ($end[$of] ?? 0.0));
            $length = 0.0 === $step->spot->along ? 0.0 : $due->minus($from)->millimetres;
            $end[$of] = $due->millimetres;
            $share = $tied / $step->stint->count;
            $knots = null === $step->stint->move(0)->knot ? 0.0 : $length;
            $done[$of] += $length * $share + ($tied > 0 ? $bare : 0.0);
            $doneKnots[$of] += $knots * $share;
            $ownKnots += $of === $half ? $knots : 0.0;
            $rest += $length * (1 - $share) + ($tied > 0 ? 0.0 : $bare);
            $restKnots += $knots * (1 - $share);
            $left += 0.0 === $knots ? 0 : $step->stint->count - $tied;
        }
        $others = [$half => 0.0];
        $share = $ownKnots > 0.0 ? $doneKnots[$half] / $ownKnots : 0.0;

        return new self($plan, $steps, new WorkedLengths(
            $done[$half],
            $doneKnots[$half],
            $rest,
            $restKnots,
            other: array_sum(array_diff_key($done, $others)),
            otherKnots: array_sum(array_diff_key($doneKnots, $others)),
        ), $share, $half, $left);
    }

    public function length(): Length
    {
        return Length::ofMillimetres($this->lengths->done);
    }

    public function cut(string $role): ?Cut
    {
        foreach ($this->plan->cuts as $cut) {
            if ($cut->role === $role) {
                return $cut;
            }
        }

        return null;
    }

    public function isSameHalf(int $moves): bool
    {
        return $this->half === self::halfAt($this->steps, $moves);
    }

    /**
     * Returns the half of the last step of the body that was begun.
     */
    private static function halfAt(Acts $steps, int $moves): int
    {
        $half = 0;
        foreach ($steps->all as $i => $step) {
            if (null !== $step->spot->due && ($steps->before($i) < $moves || 0 === $half)) {
                $half = $step->grip->half;
            }
        }

        return $half;
    }
}
