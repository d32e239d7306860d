<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight\Internal;

use Rinkel\Core\Tight\Ends;
use Rinkel\Core\Tight\Tangle;
use Rinkel\Core\Tight\Tube;

/**
 * What bends: sharper than a tube can at most, and at all where cord is stiff (half the stiffness times the square of
 * the curvature, along the cord: Euler and Bernoulli's beam).
 *
 * @internal
 */
final readonly class Bends
{
    /** How much less a bend too sharp costs than an overlap. */
    private const SHARP = 0.3;

    private int $at;

    /**
     * @param list<int>         $first
     * @param array<int, float> $apart
     */
    public function __construct(
        private Tangle $tangle,
        private Tube $tube,
        private float $hard,
        private array $first,
        private array $apart,
    ) {
        $beads = 0;
        foreach ($tangle->ropes as $rope) {
            $beads += \count($rope->points);
        }
        $this->at = 3 * $beads;
    }

    /**
     * @param array<int, float> $x
     * @param array<int, float> $g
     *
     * @return array{float, array<int, float>}
     */
    public function at(array $x, array $g): array
    {
        $energy = 0.0;
        foreach (array_keys($this->tangle->ropes) as $c) {
            [$of, $g] = $this->along($x, $g, $c);
            $energy += $of;
        }

        return [$energy, $g];
    }

    /**
     * @param array<int, float> $x
     * @param array<int, float> $g
     *
     * @return array{float, array<int, float>}
     */
    private function along(array $x, array $g, int $c): array
    {
        $energy = 0.0;
        $rope = $this->tangle->ropes[$c];
        [$first, $n] = [3 * $this->first[$c], \count($rope->points)];
        $from = Ends::Held === $rope->ends ? 1 : 0;
        $repeats = Ends::Repeats === $rope->ends;
        for ($e = $from; $e < $n - $from; ++$e) {
            [$a, $b, $d, $before, $after] = $this->bend($x, $first, $n, $e, $repeats);
            [$of, $force] = $this->resists(sqrt($a * $a + $b * $b + $d * $d), $c);
            if (0.0 === $force) {
                continue;
            }
            $energy += $of;
            [$a, $b, $d] = [$force * $a, $force * $b, $force * $d];
            $i = $first + 3 * $e;
            $g[$i] -= 2 * $a;
            $g[$i + 1] -= 2 * $b;
            $g[$i + 2] -= 2 * $d;
            if ($repeats && (0 === $e || $e === $n - 1)) {
                $g = $this->given($x, $g, $before, 0 === $e ? -1 : 0, [$a, $b, $d]);
                $g = $this->given($x, $g, $after, 0 === $e ? 0 : 1, [$a, $b, $d]);
                continue;
            }
            $g[$before] += $a;
            $g[$before + 1] += $b;
            $g[$before + 2] += $d;
            $g[$after] += $a;
            $g[$after + 1] += $b;
            $g[$after + 2] += $d;
        }

        return [$energy, $g];
    }

    /**
     * @return array{float, float} the energy of a bend, and its force for each diameter of it
     */
    private function resists(float $bend, int $c): array
    {
        $apart = $this->apart[$c];
        $angle = $bend / $apart;
        $sharp = max(0.0, $angle - $apart / (Tube::SHARPEST * $this->tangle->ropes[$c]->diameter));
        $hard = self::SHARP * $this->hard;
        $stiff = $this->tube->stiffness / $apart;

        return [
            0.5 * $hard * $sharp * $sharp + 0.5 * $stiff * $angle * $angle,
            ($hard * $sharp + $stiff * $angle) / (max(1e-12, $bend) * $apart),
        ];
    }

    /**
     * @param array<int, float> $x
     *
     * @return array{float, float, float, int, int} both neighbours less twice the bead, and where they stand
     */
    private function bend(array $x, int $first, int $n, int $e, bool $repeats): array
    {
        $i = $first + 3 * $e;
        $before = $e > 0 ? $i - 3 : $first + 3 * ($n - 1);
        $after = $e < $n - 1 ? $i + 3 : $first;
        [$ax, $ay, $az] = [$x[$before], $x[$before + 1], $x[$before + 2]];
        [$bx, $by, $bz] = [$x[$after], $x[$after + 1], $x[$after + 2]];
        if ($repeats && (0 === $e || $e === $n - 1)) {
            [$cos, $sin] = [cos($x[$this->at + 1]), sin($x[$this->at + 1])];
            if (0 === $e) {
                [$ax, $ay, $az] = [$cos * $ax + $sin * $ay, $cos * $ay - $sin * $ax, $az - $x[$this->at]];
            } else {
                [$bx, $by, $bz] = [$cos * $bx - $sin * $by, $sin * $bx + $cos * $by, $bz + $x[$this->at]];
            }
        }

        return [$ax + $bx - 2 * $x[$i], $ay + $by - 2 * $x[$i + 1], $az + $bz - 2 * $x[$i + 2], $before, $after];
    }

    /**
     * Gives a neighbour its part of a slope, over the border of the cell if need be.
     *
     * @param array<int, float>          $x
     * @param array<int, float>          $g
     * @param array{float, float, float} $slope
     *
     * @return array<int, float>
     */
    private function given(array $x, array $g, int $bead, int $cells, array $slope): array
    {
        [$a, $b, $d] = $slope;
        if (0 !== $cells) {
            [$cos, $sin] = [cos($cells * $x[$this->at + 1]), sin($cells * $x[$this->at + 1])];
            [$px, $py] = [$cos * $x[$bead] - $sin * $x[$bead + 1], $sin * $x[$bead] + $cos * $x[$bead + 1]];
            $g[$this->at] += $cells * $d;
            $g[$this->at + 1] += $cells * ($px * $b - $py * $a);
            [$a, $b] = [$cos * $a + $sin * $b, $cos * $b - $sin * $a];
        }
        $g[$bead] += $a;
        $g[$bead + 1] += $b;
        $g[$bead + 2] += $d;

        return $g;
    }
}
