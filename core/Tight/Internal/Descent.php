<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight\Internal;

/**
 * Goes down to where nothing pushes any more, by what the last steps taught of the valley's form (L-BFGS: J. Nocedal,
 * "Updating quasi-Newton matrices with limited storage", 1980, from memory).
 *
 * @internal
 */
final class Descent
{
    private const MEMORY = 16;
    private const FAILURES = 20;
    private const TRIES = 20;

    /**
     * Steps, what the slopes changed by, and one over their product.
     *
     * @var list<array{array<int, float>, array<int, float>, float}>
     */
    private array $taught = [];

    /** Steps taken. */
    public int $steps = 0;

    /** How near anything came to anything on the way, of what its thickness allows. */
    public float $nearest = 1.0;

    /** The steepest slope left. */
    public float $left = \INF;

    public function __construct(private readonly Energy $energy) {}

    /**
     * @param array<int, float> $x
     * @param float             $flat slope below which it is the bottom
     * @param float             $far  what anything moves at most in one step, in diameters
     *
     * @return array<int, float>
     */
    public function down(array $x, int $most, float $flat, float $far): array
    {
        $height = $this->energy->at($x);
        $slope = $this->energy->slope;
        $failures = 0;
        for ($this->steps = 0; $this->steps < $most && $failures < self::FAILURES; ++$this->steps) {
            $this->left = max([0.0, ...array_map(abs(...), $slope)]);
            if ($this->left < $flat) {
                break;
            }
            $way = $this->way($slope);
            $fall = self::product($slope, $way);
            $next = $fall > 0 ? $this->tried($x, $height, $way, $fall, $far) : null;
            if (null === $next) {
                if ([] === $this->taught) {
                    break;
                }
                $this->taught = [];
                ++$failures;
                continue;
            }
            $this->learn($x, $next[0], $slope, $this->energy->slope);
            [$x, $height] = $next;
            $slope = $this->energy->slope;
        }
        $this->nearest = $this->energy->closest;
        $this->energy->closest = 1.0;
        $this->energy->at($x);

        return $x;
    }

    /**
     * @param array<int, float> $x
     * @param array<int, float> $way
     *
     * @return array{array<int, float>, float}|null a lower place and its height
     */
    private function tried(array $x, float $height, array $way, float $fall, float $far): ?array
    {
        $longest = max([0.0, ...array_map(abs(...), $way)]);
        $share = $longest > $far ? $far / $longest : 1.0;
        for ($try = 0; $try < self::TRIES; ++$try) {
            $next = $x;
            foreach ($way as $i => $step) {
                $next[$i] -= $share * $step;
            }
            $now = $this->energy->at($next);
            if ($now <= $height - 1e-4 * $share * $fall) {
                return [$next, $now];
            }
            $share *= 0.4;
        }

        return null;
    }

    /**
     * @param array<int, float> $slope
     *
     * @return array<int, float> which way, and how far, to go down
     */
    private function way(array $slope): array
    {
        $way = $slope;
        $shares = [];
        for ($i = \count($this->taught) - 1; $i >= 0; --$i) {
            [$step, $change, $over] = $this->taught[$i];
            $share = $shares[$i] = $over * self::product($step, $way);
            foreach ($change as $j => $by) {
                $way[$j] -= $share * $by;
            }
        }
        $last = $this->taught[\count($this->taught) - 1] ?? null;
        $size = null === $last ? 0.001 : 1 / ($last[2] * self::product($last[1], $last[1]));
        foreach ($way as $j => $value) {
            $way[$j] = $size * $value;
        }
        foreach ($this->taught as $i => [$step, $change, $over]) {
            $share = $shares[$i] - $over * self::product($change, $way);
            foreach ($step as $j => $by) {
                $way[$j] += $share * $by;
            }
        }

        return $way;
    }

    /**
     * @param array<int, float> $from
     * @param array<int, float> $to
     * @param array<int, float> $before
     * @param array<int, float> $after
     */
    private function learn(array $from, array $to, array $before, array $after): void
    {
        [$step, $change] = [[], []];
        foreach ($to as $i => $value) {
            $step[] = $value - $from[$i];
            $change[] = $after[$i] - $before[$i];
        }
        $product = self::product($step, $change);
        if ($product > 1e-10 * self::product($change, $change) && $product > 0) {
            $this->taught[] = [$step, $change, 1 / $product];
            if (\count($this->taught) > self::MEMORY) {
                array_shift($this->taught);
            }
        }
    }

    /**
     * @param array<int, float> $a
     * @param array<int, float> $b
     */
    private static function product(array $a, array $b): float
    {
        $sum = 0.0;
        foreach ($a as $i => $value) {
            $sum += $value * $b[$i];
        }

        return $sum;
    }
}
