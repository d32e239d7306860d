<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight\Internal;

use Rinkel\Core\Tight\Cell;
use Rinkel\Core\Tight\Ends;
use Rinkel\Core\Tight\Rod;
use Rinkel\Core\Tight\Rope;
use Rinkel\Core\Tight\Tangle;
use Rinkel\Core\Tight\Tube;

/**
 * What a tangle's cords store: tension times length, the push along the cell, what presses into each other, bends
 * beyond what a tube can do, and bends at all where cord is stiff. Its lowest place is the knot pulled tight.
 *
 * All places stand in one list: x, y and z of each bead, the cell's length and its turn, x and y of each rod. Each part
 * takes the slopes so far and returns them with its own.
 *
 * @internal
 */
final class Energy
{
    /** What a rod's surface gives way less than a cord's. */
    private const ROD = 30.0;

    /** @var list<int> the first bead of each rope */
    public array $first = [];

    /** @var list<int> how many beads */
    public array $count = [];

    /** @var array<int, float> between two beads at first */
    public array $apart = [];

    public readonly int $beads;
    public readonly int $size;

    /** @var array<int, float> where it is looked at */
    public array $slope = [];

    /** @var array<int, float> how much each bead is pressed, in tensions per bead */
    public array $pressed = [];

    /** How close anything came to anything, of what its thickness allows. */
    public float $closest = 1.0;

    private readonly float $hard;
    private readonly float $onRods;

    /** Whether cores and the cord on them give way together. */
    private readonly bool $isSoft;
    private readonly Contacts $contacts;
    private readonly Bends $bends;

    /**
     * @param array{float, float} $hards how much force each diameter of overlap takes, in tensions: between beads, and
     *                                   of a bead on a core
     * @param list<list<float>>   $pull  the tension of each stretch between two beads, by rope
     * @param array<int, float>   $load  what else draws at the beads, x, y and z of each: friction, where tension
     *                                   differs
     */
    public function __construct(
        private readonly Tangle $tangle,
        private readonly Tube $tube,
        array $hards,
        private readonly array $pull = [],
        private readonly array $load = [],
    ) {
        [$this->hard, $this->onRods] = $hards;
        $this->isSoft = is_finite($tube->onCores());
        $beads = 0;
        foreach ($tangle->ropes as $rope) {
            $this->first[] = $beads;
            $this->count[] = \count($rope->points);
            $edges = \count($rope->points) - (Ends::Held === $rope->ends ? 1 : 0);
            $this->apart[] = $rope->length($tangle->cell) / $edges;
            $beads += \count($rope->points);
        }
        $this->beads = $beads;
        $this->size = 3 * $beads + 2 + 2 * \count($tangle->rods);
        $this->contacts = new Contacts($tangle, $this->hard, $this->apart);
        $this->bends = new Bends($tangle, $tube, $this->hard, $this->first, $this->apart);
    }

    /**
     * @return array<int, float>
     */
    public function places(): array
    {
        $places = [];
        foreach ($this->tangle->ropes as $rope) {
            foreach ($rope->points as $point) {
                array_push($places, ...$point);
            }
        }
        array_push($places, $this->tangle->cell->pitch, $this->tangle->cell->twist);
        foreach ($this->tangle->rods as $rod) {
            array_push($places, $rod->x, $rod->y);
        }

        return $places;
    }

    /**
     * Returns the tangle with everything at these places.
     *
     * @param array<int, float> $x
     */
    public function tangle(array $x): Tangle
    {
        $ropes = [];
        foreach ($this->tangle->ropes as $c => $rope) {
            $points = [];
            for ($i = 3 * $this->first[$c], $end = $i + 3 * $this->count[$c]; $i < $end; $i += 3) {
                $points[] = [$x[$i], $x[$i + 1], $x[$i + 2]];
            }
            $ropes[] = [] === $points ? $rope : $rope->along($points);
        }
        $at = 3 * $this->beads;
        $rods = [];
        foreach ($this->tangle->rods as $i => $rod) {
            $rods[] = new Rod($x[$at + 2 + 2 * $i], $x[$at + 3 + 2 * $i], $rod->diameter);
        }

        return $this->tangle->moved($ropes, $rods, $this->tangle->cell->found($x[$at], $x[$at + 1]));
    }

    /**
     * Returns the energy there, in tensions times diameters, and notes its slopes.
     *
     * @param array<int, float> $x
     */
    public function at(array $x): float
    {
        $g = array_fill(0, $this->size, 0.0);
        [$stretched, $g] = $this->stretched($x, $g);
        [$bent, $g] = $this->bends->at($x, $g);
        [$touching, $g] = $this->contacts->at($x, $g);
        [$onRods, $g] = $this->onRods($x, $g);
        $this->pressed = $this->contacts->pressed;
        $this->closest = min($this->closest, $this->contacts->closest);
        $at = 3 * $this->beads;
        $g[$at] += $this->tangle->cell->push;
        $drawn = $this->tangle->cell->push * $x[$at];
        foreach ($this->load as $i => $force) {
            $g[$i] -= $force;
            $drawn -= $force * $x[$i];
        }
        $this->slope = $this->held($g);

        return $stretched + $bent + $touching + $onRods + $drawn;
    }

    /**
     * Tension times length, and what keeps the beads of a cord equally far apart.
     *
     * @param array<int, float> $x
     * @param array<int, float> $g
     *
     * @return array{float, array<int, float>}
     */
    private function stretched(array $x, array $g): array
    {
        $energy = 0.0;
        $even = min(50.0, $this->hard);
        $at = 3 * $this->beads;
        foreach ($this->tangle->ropes as $c => $rope) {
            [$first, $n] = [3 * $this->first[$c], $this->count[$c]];
            $edges = Ends::Held === $rope->ends ? $n - 1 : $n;
            $wraps = Ends::Repeats === $rope->ends;
            $steps = $this->steps($x, $first, $n, $edges, $wraps);
            $mean = array_sum($steps[0]) / $edges;
            foreach ($steps[0] as $e => $length) {
                $pull = $this->pull[$c][$e] ?? 1.0;
                $off = $length - $mean;
                $energy += $pull * $length + 0.5 * $even * $off * $off;
                $force = ($pull + $even * $off) / $length;
                [$a, $b, $d] = [$force * $steps[1][$e], $force * $steps[2][$e], $force * $steps[3][$e]];
                $i = $first + 3 * $e;
                $g[$i] -= $a;
                $g[$i + 1] -= $b;
                $g[$i + 2] -= $d;
                if ($e === $n - 1 && $wraps) {
                    [$a, $b, $g] = $this->turnedBack($x, $g, $first, 1, $a, $b, $d);
                }
                $j = $e === $n - 1 ? $first : $i + 3;
                $g[$j] += $a;
                $g[$j + 1] += $b;
                $g[$j + 2] += $d;
            }
        }

        return [$energy, $g];
    }

    /**
     * @param array<int, float> $x
     *
     * Returns how far it is to each next bead, and which way
     *
     * @return array{list<float>, list<float>, list<float>, list<float>}
     */
    private function steps(array $x, int $first, int $n, int $edges, bool $wraps): array
    {
        $lengths = $as = $bs = $cs = [];
        $at = 3 * $this->beads;
        for ($e = 0; $e < $edges; ++$e) {
            $i = $first + 3 * $e;
            $j = $e === $n - 1 ? $first : $i + 3;
            [$px, $py, $pz] = [$x[$j], $x[$j + 1], $x[$j + 2]];
            if ($wraps && $e === $n - 1) {
                [$cos, $sin] = [cos($x[$at + 1]), sin($x[$at + 1])];
                [$px, $py, $pz] = [$cos * $px - $sin * $py, $sin * $px + $cos * $py, $pz + $x[$at]];
            }
            $a = $px - $x[$i];
            $b = $py - $x[$i + 1];
            $c = $pz - $x[$i + 2];
            $lengths[] = max(1e-9, sqrt($a * $a + $b * $b + $c * $c));
            $as[] = $a;
            $bs[] = $b;
            $cs[] = $c;
        }

        return [$lengths, $as, $bs, $cs];
    }

    /**
     * Takes a slope at the image of a bead so many cells on to the cell's own and returns it as one at the bead.
     *
     * @param array<int, float> $x
     * @param array<int, float> $g
     *
     * @return array{float, float, array<int, float>}
     */
    private function turnedBack(array $x, array $g, int $bead, int $cells, float $a, float $b, float $d): array
    {
        $at = 3 * $this->beads;
        [$cos, $sin] = [cos($cells * $x[$at + 1]), sin($cells * $x[$at + 1])];
        [$px, $py] = [$cos * $x[$bead] - $sin * $x[$bead + 1], $sin * $x[$bead] + $cos * $x[$bead + 1]];
        $g[$at] += $cells * $d;
        $g[$at + 1] += $cells * ($px * $b - $py * $a);

        return [$cos * $a + $sin * $b, $cos * $b - $sin * $a, $g];
    }

    /**
     * @param array<int, float> $x
     * @param array<int, float> $g
     *
     * @return array{float, array<int, float>}
     */
    private function onRods(array $x, array $g): array
    {
        $energy = 0.0;
        $at = 3 * $this->beads + 2;
        foreach ($this->tangle->rods as $m => $rod) {
            [$rx, $ry, $fx, $fy] = [$x[$at + 2 * $m], $x[$at + 2 * $m + 1], 0.0, 0.0];
            foreach ($this->tangle->ropes as $c => $rope) {
                $reach = 0.5 * ($rod->diameter + $rope->diameter);
                for ($i = 3 * $this->first[$c], $end = $i + 3 * $this->count[$c]; $i < $end; $i += 3) {
                    $a = $x[$i] - $rx;
                    $b = $x[$i + 1] - $ry;
                    $square = $a * $a + $b * $b;
                    if ($square >= $reach * $reach) {
                        continue;
                    }
                    $distance = max(1e-9, sqrt($square));
                    [$stored, $force] = $this->isSoft
                        ? self::sunk($reach, $distance, $this->onRods / $this->apart[$c])
                        : self::pressed($reach, $distance, $this->hard);
                    $energy += $stored;
                    $g[$i] -= $force / $distance * $a;
                    $g[$i + 1] -= $force / $distance * $b;
                    $fx -= $force / $distance * $a;
                    $fy -= $force / $distance * $b;
                    $this->contacts->press(intdiv($i, 3), $force, $distance / $reach);
                }
            }
            $g[$at + 2 * $m] -= $fx;
            $g[$at + 2 * $m + 1] -= $fy;
        }
        [$between, $g] = $this->betweenRods($x, $g);

        return [$energy + $between, $g];
    }

    /**
     * Returns what a bead stores on a hard core, and the force of it.
     *
     * @return array{float, float}
     */
    private static function pressed(float $reach, float $distance, float $hard): array
    {
        $deep = $reach - $distance;

        return [0.5 * $hard * $deep * $deep, $hard * $deep];
    }

    /**
     * The same where core or cord give way: a core is beads without end, each as hard as its share of the core is long,
     * so that it comes to the same however near together the cord's own are.
     *
     * @param float $line how hard each diameter of the core is
     *
     * @return array{float, float}
     */
    private static function sunk(float $reach, float $distance, float $line): array
    {
        $half = sqrt($reach * $reach - $distance * $distance); // of what of the core it touches
        $bow = asinh($half / $distance);
        $stored = 2 * $half * $distance * $distance + 2 * $half ** 3 / 3 - 2 * $reach * $distance * $distance * $bow;

        return [0.5 * $line * $stored, 2 * $line * $distance * ($reach * $bow - $half)];
    }

    /**
     * @param array<int, float> $x
     * @param array<int, float> $g
     *
     * @return array{float, array<int, float>}
     */
    private function betweenRods(array $x, array $g): array
    {
        $energy = 0.0;
        $at = 3 * $this->beads + 2;
        $hard = self::ROD * $this->hard;
        foreach ($this->tangle->rods as $m => $rod) {
            foreach (\array_slice($this->tangle->rods, $m + 1, null, true) as $n => $other) {
                [$i, $j] = [$at + 2 * $m, $at + 2 * $n];
                [$a, $b] = [$x[$i] - $x[$j], $x[$i + 1] - $x[$j + 1]];
                $distance = max(1e-9, sqrt($a * $a + $b * $b));
                $deep = 0.5 * ($rod->diameter + $other->diameter) - $distance;
                if ($deep > 0) {
                    $energy += 0.5 * $hard * $deep * $deep;
                    $force = -$hard * $deep / $distance;
                    $g[$i] += $force * $a;
                    $g[$i + 1] += $force * $b;
                    $g[$j] -= $force * $a;
                    $g[$j + 1] -= $force * $b;
                }
            }
        }

        return [$energy, $g];
    }

    /**
     * What is held does not move.
     *
     * @param array<int, float> $g
     *
     * @return array<int, float>
     */
    private function held(array $g): array
    {
        $cell = $this->tangle->cell;
        $at = 3 * $this->beads;
        $g[$at] = $cell->isFree ? $g[$at] : 0.0;
        $g[$at + 1] = $cell->mayTurn ? $g[$at + 1] : 0.0;
        if (!$this->tangle->rodsGiveWay) {
            for ($i = $at + 2; $i < $this->size; ++$i) {
                $g[$i] = 0.0;
            }
        }
        foreach ($this->tangle->ropes as $c => $rope) {
            if (Ends::Held === $rope->ends) {
                foreach ([$this->first[$c], $this->first[$c] + $this->count[$c] - 1] as $bead) {
                    $g[3 * $bead] = $g[3 * $bead + 1] = $g[3 * $bead + 2] = 0.0;
                }
            }
        }

        return $g;
    }
}
