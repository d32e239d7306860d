<?php

declare(strict_types=1);

namespace Rinkel\Core\Cutting;

use Rinkel\Core\Hand\Hand;
use Rinkel\Core\Hand\Made;
use Rinkel\Core\Knot\Tension;

/**
 * What one end of a cord is used for, all in mm: what is as long as it is, what so many knots take, and what is made
 * until a length is reached, of which the hand decides how many there are.
 *
 * With p and u the logarithms by which this piece's pitches and uses differ from what is expected (normal, with the
 * covariances of the hand), an end takes
 *
 *     S = exact + Σ count e^u + L (within + Σ knots e^u) / (bare + Σ length e^p),
 *
 * the last for each repeat that goes on until its length L is reached: `bare` and `length` are what it adds to the
 * piece, of what is as long as it is and of knots, `within` and `knots` what these take. Parts that are exact in a
 * repeat are not scaled by the hand.
 *
 * Of what is made already L lacks what was made, Σ made e^p, of which nobody knows more than the tape told.
 *
 * @phpstan-type Repeat array{bare: float, within: float, knots: array<string, float>, length: array<string, float>,
 * asked: float|null, made: array<string, float>}
 *
 * @internal
 */
final class Ledger
{
    /** Steps after which the likeliest way to a quantile does not move any more. */
    private const STEPS = 3;

    /** Nothing is as rare as so many deviations. */
    private const RARE = 6.0;

    private const NOTHING = [
        'bare' => 0.0,
        'within' => 0.0,
        'knots' => [],
        'length' => [],
        'asked' => null,
        'made' => [],
    ];

    private float $exact = 0.0;

    /** @var array<string, Made> */
    private array $made = [];

    /** @var array<string, float> by what was made: what a number of them takes */
    private array $count = [];

    /** @var array<int, Repeat> */
    private array $repeats = [];

    public function exact(float $millimetres): void
    {
        $this->exact += $millimetres;
    }

    /**
     * Adds so many knots, whatever length they make.
     */
    public function count(Made $made, float $use): void
    {
        $this->made[$made->key] ??= $made;
        $this->count[$made->key] = ($this->count[$made->key] ?? 0.0) + $use;
    }

    /**
     * Adds what is repeated until a length is reached, and is no knot.
     *
     * @param float $along how much of the length it makes
     */
    public function bare(int $repeat, float $along, float $use): void
    {
        $this->repeats[$repeat] ??= self::NOTHING;
        $this->repeats[$repeat]['bare'] += $along;
        $this->repeats[$repeat]['within'] += $use;
    }

    /**
     * Adds knots that are repeated until a length is reached.
     */
    public function length(int $repeat, Made $made, float $along, float $use): void
    {
        $this->made[$made->key] ??= $made;
        $this->repeats[$repeat] ??= self::NOTHING;
        $key = $made->key;
        $this->repeats[$repeat]['length'][$key] = ($this->repeats[$repeat]['length'][$key] ?? 0.0) + $along;
        $this->repeats[$repeat]['knots'][$key] = ($this->repeats[$repeat]['knots'][$key] ?? 0.0) + $use;
    }

    /**
     * Says that what is repeated goes on until $total is reached with what is made of it already.
     *
     * @param array<string, Made>  $what
     * @param array<string, float> $made as planned, by what was made
     */
    public function goesOn(float $total, array $what, array $made): void
    {
        $all = array_sum(array_map(self::planned(...), $this->repeats));
        foreach ($all > 0.0 ? $this->repeats : [] as $i => $repeat) {
            $share = self::planned($repeat) / $all;
            $repeat['asked'] = $share * $total;
            $repeat['made'] = array_map(static fn (float $one): float => $share * $one, $made);
            $this->repeats[$i] = $repeat;
            $this->made += array_intersect_key($what, $made);
        }
    }

    /**
     * @return list<Made> what hands make of it
     */
    public function made(): array
    {
        return array_values($this->made);
    }

    public function equals(self $other): bool
    {
        return $this->told() === $other->told();
    }

    /**
     * Returns what it comes to with a hand as expected.
     *
     * @param array<string, float> $pitches by what was made; zero when not said
     * @param array<string, float> $uses    likewise
     */
    public function expected(array $pitches = [], array $uses = []): float
    {
        return $this->sum($pitches, $uses);
    }

    /**
     * Returns what of that knots take, as expected.
     */
    public function knotted(): float
    {
        return array_sum($this->count)
            + array_sum(array_map(static fn (array $repeat): float => array_sum($repeat['knots']), $this->repeats));
    }

    /**
     * Returns so much that it comes to more only as often as a normal variable lies beyond so many deviations.
     *
     * It is S at the likeliest p and u of all that are as rare in the direction in which S grows: exact where the
     * logarithm of S is linear, and within a tenth of a percent where parts mix (first-order reliability, A. M. Hasofer
     * and N. C. Lind, 1974, from memory; tests/reference/risk.json).
     *
     * @param list<list<float>>    $together covariances of the pitches and then the uses of made()
     * @param array<string, float> $pitches  as expected, by what was made; zero when not said
     * @param array<string, float> $uses     likewise
     */
    public function quantile(float $deviations, array $together, array $pitches = [], array $uses = []): float
    {
        return $this->sum(...$this->worst($deviations, $together, $pitches, $uses));
    }

    /**
     * Returns how likely it is that it comes to no more than $millimetres, 0 to 1.
     *
     * @param list<list<float>>    $together
     * @param array<string, float> $pitches
     * @param array<string, float> $uses
     */
    public function chance(float $millimetres, array $together, array $pitches = [], array $uses = []): float
    {
        [$least, $most] = [-self::RARE, self::RARE];
        if ($this->quantile($least, $together, $pitches, $uses) >= $millimetres) {
            return 0.0;
        }
        if ($this->quantile($most, $together, $pitches, $uses) <= $millimetres) {
            return 1.0;
        }
        for ($step = 0; $step < 40; ++$step) {
            $middle = ($least + $most) / 2;
            [$least, $most] = $this->quantile($middle, $together, $pitches, $uses) <= $millimetres
                ? [$middle, $most]
                : [$least, $middle];
        }

        return Risk::below($least);
    }

    /**
     * Returns the same by what is known of a hand.
     */
    public function atRisk(Risk $risk, Hand $hand, ?Tension $said): float
    {
        return [] === $this->made
            ? $this->expected()
            : $this->quantile($risk->deviations(), $hand->together($this->made(), $said));
    }

    /**
     * @param list<list<float>>    $together
     * @param array<string, float> $pitches
     * @param array<string, float> $uses
     *
     * @return array{array<string, float>, array<string, float>} p and u
     */
    private function worst(float $deviations, array $together, array $pitches, array $uses): array
    {
        [$p, $u] = [$pitches, $uses];
        $keys = array_keys($this->made);
        $count = \count($keys);
        for ($step = 0; $step < self::STEPS; ++$step) {
            $slopes = $this->slopes($keys, $p, $u);
            $moved = [];
            $variance = 0.0;
            foreach ($together as $i => $row) {
                $sum = 0.0;
                foreach ($row as $j => $covariance) {
                    $sum += $covariance * ($slopes[$j] ?? 0.0);
                }
                $moved[] = $sum;
                $variance += $sum * ($slopes[$i] ?? 0.0);
            }
            if ($variance <= 0.0) {
                return [$pitches, $uses];
            }
            foreach ($keys as $i => $key) {
                $p[$key] = ($pitches[$key] ?? 0.0) + $deviations * ($moved[$i] ?? 0.0) / sqrt($variance);
                $u[$key] = ($uses[$key] ?? 0.0) + $deviations * ($moved[$count + $i] ?? 0.0) / sqrt($variance);
            }
        }

        return [$p, $u];
    }

    /**
     * @param list<string>         $keys
     * @param array<string, float> $p
     * @param array<string, float> $u
     *
     * @return list<float> by how much S grows with each p, then with each u
     */
    private function slopes(array $keys, array $p, array $u): array
    {
        $byPitch = $byUse = array_fill_keys($keys, 0.0);
        foreach ($this->count as $key => $use) {
            $byUse[$key] += $use * exp($u[$key] ?? 0.0);
        }
        foreach ($this->repeats as $repeat) {
            [$along, $use] = self::repeated($repeat, $p, $u);
            $asked = self::asked($repeat, $p);
            $times = $asked / max(1e-9, $along);
            foreach ($asked > 0.0 ? $repeat['made'] : [] as $key => $one) {
                $byPitch[$key] -= $use / max(1e-9, $along) * $one * exp($p[$key] ?? 0.0);
            }
            foreach ($repeat['length'] as $key => $one) {
                $byPitch[$key] -= $times * $use / max(1e-9, $along) * $one * exp($p[$key] ?? 0.0);
            }
            foreach ($repeat['knots'] as $key => $one) {
                $byUse[$key] += $times * $one * exp($u[$key] ?? 0.0);
            }
        }

        return [...array_values($byPitch), ...array_values($byUse)];
    }

    /**
     * @param array<string, float> $p
     * @param array<string, float> $u
     */
    private function sum(array $p, array $u): float
    {
        $sum = $this->exact;
        foreach ($this->count as $key => $use) {
            $sum += $use * exp($u[$key] ?? 0.0);
        }
        foreach ($this->repeats as $repeat) {
            [$along, $use] = self::repeated($repeat, $p, $u);
            $sum += $along > 0.0 ? self::asked($repeat, $p) / $along * $use : $use;
        }

        return $sum;
    }

    /**
     * Returns how long what is repeated comes out when nobody holds it to its length, and what it takes.
     *
     * @param Repeat               $repeat
     * @param array<string, float> $p
     * @param array<string, float> $u
     *
     * @return array{float, float}
     */
    private static function repeated(array $repeat, array $p, array $u): array
    {
        [$along, $use] = [$repeat['bare'], $repeat['within']];
        foreach ($repeat['length'] as $key => $one) {
            $along += $one * exp($p[$key] ?? 0.0);
        }
        foreach ($repeat['knots'] as $key => $one) {
            $use += $one * exp($u[$key] ?? 0.0);
        }

        return [$along, $use];
    }

    /**
     * Returns how long it is to be, or lacks of that.
     *
     * @param Repeat               $repeat
     * @param array<string, float> $p
     */
    private static function asked(array $repeat, array $p): float
    {
        if (null === $repeat['asked']) {
            return self::planned($repeat);
        }
        $lacks = $repeat['asked'];
        foreach ($repeat['made'] as $key => $one) {
            $lacks -= $one * exp($p[$key] ?? 0.0);
        }

        return max(0.0, $lacks);
    }

    /**
     * @param Repeat $repeat
     */
    private static function planned(array $repeat): float
    {
        return $repeat['bare'] + array_sum($repeat['length']);
    }

    /**
     * @return array<mixed> to six places
     */
    private function told(): array
    {
        $round = static fn (float $one): float => round($one, 6);

        return [
            $round($this->exact),
            array_map($round, $this->count),
            array_map(static fn (array $repeat): array => [
                $round($repeat['bare']), $round($repeat['within']),
                array_map($round, $repeat['knots']), array_map($round, $repeat['length']),
            ], $this->repeats),
        ];
    }
}
