<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight\Internal;

use Rinkel\Core\Tight\Ends;
use Rinkel\Core\Tight\Tangle;

/**
 * Where cords touch cords: pairs of beads that are near, found anew when anything has moved far enough to matter.
 *
 * @internal
 */
final class Contacts
{
    /** Pairs further apart than thick by this are no pairs, in diameters. */
    private const SKIN = 0.4;

    /** Cells in which a bead's neighbours are looked for. */
    private const CELLS = 4;

    /** Along its own way a cord touches itself beyond a bend of this many quarter turns. */
    private const OWN = 1.08;

    /** @var array<int, float> how much each bead is pressed */
    public array $pressed = [];

    public float $closest = 1.0;

    /** @var array{list<int>, list<int>, list<float>} the first coordinate of either bead, and how near they may come */
    private array $pairs = [[], [], []];

    /** @var list<array{int, int, int, float}> the same of beads of which the second is that many cells on */
    private array $images = [];

    /** @var array<int, float> where everything was when pairs were looked for */
    private array $seen = [];

    /** @var list<int> the rope of each bead */
    private array $ropeOf = [];

    private readonly int $beads;

    /**
     * @param array<int, float> $apart
     */
    public function __construct(
        private readonly Tangle $tangle,
        private readonly float $hard,
        private readonly array $apart,
    ) {
        foreach ($tangle->ropes as $c => $rope) {
            array_push($this->ropeOf, ...array_fill(0, \count($rope->points), $c));
        }
        $this->beads = \count($this->ropeOf);
    }

    /**
     * @param array<int, float> $x
     * @param array<int, float> $g
     *
     * @return array{float, array<int, float>}
     */
    public function at(array $x, array $g): array
    {
        if ($this->isStale($x)) {
            $this->look($x);
        }
        $this->pressed = array_fill(0, $this->beads, 0.0);
        $this->closest = 1.0;
        [$here, $g] = $this->inOneCell($x, $g);
        [$there, $g] = $this->inAnother($x, $g);

        return [$here + $there, $g];
    }

    /**
     * @param array<int, float> $x
     * @param array<int, float> $g
     *
     * @return array{float, array<int, float>}
     */
    private function inOneCell(array $x, array $g): array
    {
        [$energy, $closest, $hard, $pressed] = [0.0, 1.0, $this->hard, $this->pressed];
        $others = $this->pairs[0];
        foreach ($this->pairs[1] as $q => $j) {
            $i = $others[$q];
            $reach = $this->pairs[2][$q];
            $a = $x[$i] - $x[$j];
            $b = $x[$i + 1] - $x[$j + 1];
            $c = $x[$i + 2] - $x[$j + 2];
            $square = $a * $a + $b * $b + $c * $c;
            if ($square >= $reach * $reach) {
                continue;
            }
            $distance = max(1e-9, sqrt($square));
            $closest = min($closest, $distance / $reach);
            $deep = $reach - $distance;
            $energy += 0.5 * $hard * $deep * $deep;
            $force = -$hard * $deep / $distance;
            $pressed[intdiv($i, 3)] += $hard * $deep;
            $pressed[intdiv($j, 3)] += $hard * $deep;
            $g[$i] += $force * $a;
            $g[$i + 1] += $force * $b;
            $g[$i + 2] += $force * $c;
            $g[$j] -= $force * $a;
            $g[$j + 1] -= $force * $b;
            $g[$j + 2] -= $force * $c;
        }
        $this->pressed = $pressed;
        $this->closest = $closest;

        return [$energy, $g];
    }

    /**
     * The same over the borders of the cell: what a bead's image feels, its cell's length and turn feel too.
     *
     * @param array<int, float> $x
     * @param array<int, float> $g
     *
     * @return array{float, array<int, float>}
     */
    private function inAnother(array $x, array $g): array
    {
        $at = 3 * $this->beads;
        [$cos, $sin] = self::turns($x[$at + 1]);
        $energy = 0.0;
        foreach ($this->images as [$i, $j, $k, $reach]) {
            $bx = $cos[$k] * $x[$j] - $sin[$k] * $x[$j + 1];
            $by = $sin[$k] * $x[$j] + $cos[$k] * $x[$j + 1];
            $a = $x[$i] - $bx;
            $b = $x[$i + 1] - $by;
            $c = $x[$i + 2] - $x[$j + 2] - $k * $x[$at];
            $square = $a * $a + $b * $b + $c * $c;
            if ($square >= $reach * $reach) {
                continue;
            }
            $distance = max(1e-9, sqrt($square));
            $deep = $reach - $distance;
            $energy += 0.5 * $this->hard * $deep * $deep;
            $force = -$this->hard * $deep / $distance;
            [$a, $b, $c] = [$force * $a, $force * $b, $force * $c];
            $this->press(intdiv($i, 3), $this->hard * $deep, $distance / $reach);
            $this->press(intdiv($j, 3), $this->hard * $deep, $distance / $reach);
            $g[$i] += $a;
            $g[$i + 1] += $b;
            $g[$i + 2] += $c;
            $g[$at] -= $k * $c;
            $g[$at + 1] -= $k * ($bx * $b - $by * $a);
            $g[$j] -= $cos[$k] * $a + $sin[$k] * $b;
            $g[$j + 1] -= $cos[$k] * $b - $sin[$k] * $a;
            $g[$j + 2] -= $c;
        }

        return [$energy, $g];
    }

    /**
     * @return array{array<int, float>, array<int, float>} cosine and sine of the turn to each cell
     */
    private static function turns(float $twist): array
    {
        $cells = range(0, self::CELLS);

        return [
            array_map(static fn (int $k): float => cos($k * $twist), $cells),
            array_map(static fn (int $k): float => sin($k * $twist), $cells),
        ];
    }

    /**
     * Notes that something else presses a bead too.
     */
    public function press(int $bead, float $force, float $closeness): void
    {
        $this->pressed[$bead] += $force;
        $this->closest = min($this->closest, $closeness);
    }

    /**
     * @param array<int, float> $x
     */
    private function isStale(array $x): bool
    {
        if ([] === $this->seen) {
            return true;
        }
        [$most, $out] = [0.0, 0.0];
        [$seen, $at] = [$this->seen, 3 * $this->beads];
        for ($i = 0; $i < $at; $i += 3) {
            [$a, $b, $c] = [$x[$i] - $seen[$i], $x[$i + 1] - $seen[$i + 1], $x[$i + 2] - $seen[$i + 2]];
            $most = max($most, $a * $a + $b * $b + $c * $c);
            $out = max($out, $x[$i] * $x[$i] + $x[$i + 1] * $x[$i + 1]);
        }

        return 2 * sqrt($most) + self::CELLS * (abs($x[$at] - $seen[$at]) + sqrt($out) * abs(
            $x[$at + 1] - $seen[$at + 1],
        )) > self::SKIN;
    }

    /**
     * Finds the pairs that are near, each once: a bead, and one in this cell or up to four cells on.
     *
     * @param array<int, float> $x
     */
    private function look(array $x): void
    {
        $this->seen = $x;
        [$this->pairs, $this->images] = [[[], [], []], []];
        $at = 3 * $this->beads;
        $far = $this->tangle->cell->repeats() ? self::CELLS : 0;
        $thickest = max(array_map(static fn ($rope): float => $rope->diameter, $this->tangle->ropes)) + self::SKIN;
        for ($k = 0; $k <= $far; ++$k) {
            [$cos, $sin, $up] = [cos($k * $x[$at + 1]), sin($k * $x[$at + 1]), $k * $x[$at]];
            for ($j = 0; $j < $this->beads; ++$j) {
                [$bx, $by] = [$x[3 * $j], $x[3 * $j + 1]];
                [$bx, $by, $bz] = [$cos * $bx - $sin * $by, $sin * $bx + $cos * $by, $x[3 * $j + 2] + $up];
                for ($i = 0 === $k ? $j + 1 : 0; $i < $this->beads; ++$i) {
                    $c = $x[3 * $i + 2] - $bz;
                    if ($c > $thickest || $c < -$thickest) {
                        continue;
                    }
                    $a = $x[3 * $i] - $bx;
                    $b = $x[3 * $i + 1] - $by;
                    if ($a * $a + $b * $b + $c * $c < $thickest * $thickest && !$this->isOwn($i, $j, $k)) {
                        $this->pair($i, $j, $k);
                    }
                }
            }
        }
    }

    private function pair(int $i, int $j, int $k): void
    {
        $ropes = $this->tangle->ropes;
        $reach = 0.5 * ($ropes[$this->ropeOf[$i]]->diameter + $ropes[$this->ropeOf[$j]]->diameter);
        if ($k > 0) {
            $this->images[] = [3 * $i, 3 * $j, $k, $reach];

            return;
        }
        $this->pairs[0][] = 3 * $i;
        $this->pairs[1][] = 3 * $j;
        $this->pairs[2][] = $reach;
    }

    /**
     * Returns whether both are so near along one cord that they cannot touch.
     */
    private function isOwn(int $i, int $j, int $k): bool
    {
        $c = $this->ropeOf[$i];
        if ($c !== $this->ropeOf[$j]) {
            return false;
        }
        $rope = $this->tangle->ropes[$c];
        $n = \count($rope->points);
        $near = (int) ceil(self::OWN * \M_PI / 2 * $rope->diameter / $this->apart[$c]);
        $between = abs($i - $j);

        return match ($rope->ends) {
            Ends::Repeats => abs($i - $j - $k * $n) <= $near,
            Ends::Joined => min($between, $n - $between) <= $near,
            Ends::Held => $between <= $near,
        };
    }
}
