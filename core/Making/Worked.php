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
 */
final readonly class Worked
{
    /**
     * @param float $done       length of the part in hand, in mm
     * @param float $doneKnots  of that, what knots make
     * @param float $rest       still to come, of all the piece, in mm
     * @param float $restKnots  of that, what knots make
     * @param float $other      length of what is done of the other half, in mm
     * @param float $otherKnots of that, what knots make
     * @param float $share      of the knots that are tied, by their length, 0 to 1: of the cord in hand
     * @param int   $half       that is in hand, 0 of all
     * @param int   $left       moves of knots still to come in the body
     */
    private function __construct(
        private Plan $plan,
        private Acts $steps,
        public float $done,
        public float $doneKnots,
        public float $rest,
        public float $restKnots,
        public float $other,
        public float $otherKnots,
        public float $share,
        public int $half,
        public int $left,
    ) {}

    public static function until(Plan $plan, Acts $steps, int $moves): self
    {
        $half = self::halfAt($steps, $moves);
        [$done, $doneKnots, $rest, $restKnots] = [0.0, 0.0, 0.0, 0.0];
        [$other, $otherKnots, $ownKnots, $left] = [0.0, 0.0, 0.0, 0];
        $end = [0.0, 0.0, 0.0];
        foreach ($steps->all as $i => $step) {
            if (null === $step->due || null === $step->from) {
                continue;
            }
            $tied = max(0, min($step->count, $moves - $steps->before($i)));
            $bare = max(0.0, $step->from->millimetres - ($end[$step->half] ?? 0.0));
            $length = 0.0 === $step->along ? 0.0 : $step->due->minus($step->from)->millimetres;
            $end[$step->half] = $step->due->millimetres;
            $share = $tied / $step->count;
            $knots = null === $step->move(0)->knot ? 0.0 : $length;
            $rest += $length * (1 - $share) + ($tied > 0 ? 0.0 : $bare);
            $restKnots += $knots * (1 - $share);
            $left += 0.0 === $knots ? 0 : $step->count - $tied;
            if ($half === $step->half) {
                $done += $length * $share + ($tied > 0 ? $bare : 0.0);
                $doneKnots += $knots * $share;
                $ownKnots += $knots;
            } else {
                $other += $length * $share + ($tied > 0 ? $bare : 0.0);
                $otherKnots += $knots * $share;
            }
        }

        return new self(
            $plan,
            $steps,
            $done,
            doneKnots: $doneKnots,
            rest: $rest,
            restKnots: $restKnots,
            other: $other,
            otherKnots: $otherKnots,
            share: $ownKnots > 0.0 ? $doneKnots / $ownKnots : 0.0,
            half: $half,
            left: $left,
        );
    }

    public function length(): Length
    {
        return Length::ofMillimetres($this->done);
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
            if (null !== $step->due && ($steps->before($i) < $moves || 0 === $half)) {
                $half = $step->half;
            }
        }

        return $half;
    }
}
