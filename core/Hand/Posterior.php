<?php

declare(strict_types=1);

namespace Rinkel\Core\Hand;

use Rinkel\Core\Knot\Tension;

/**
 * What is known of one maker's hand after some observations: exactly, by Bayes' rule for normal variables.
 *
 * Unknown are how hard they push, and what each kind of knot and each cord has of its own, in pitch and in use. What a
 * piece has of its own is integrated out piece by piece (a rank-one update of each, M. Woodbury, 1950), so that the
 * system stays as small as there are kinds and cords, however many pieces were made.
 */
final class Posterior
{
    private const PUSH = 'push';

    /** @var array<string, int> row of each unknown */
    private array $rows = [self::PUSH => 0];

    /** @var list<float> of each unknown, its prior spread */
    private array $spreads;

    /** @var array<int, list<float>> lower triangle of L, where L times its transpose is the precision */
    private array $factor;

    /** @var list<float> */
    private array $means;

    /**
     * @param list<Observation> $observations
     */
    public function __construct(array $observations, ?Tension $said)
    {
        [$mean, $spread] = Priors::push($said);
        $this->spreads = [$spread];
        foreach ($observations as $one) {
            foreach (['pitch', 'use'] as $of) {
                $this->row($of.' kind '.$one->kind, Priors::kind($one->isPushed));
                if ($one->isPushed) {
                    $this->row($of.' cord '.$one->cord, 'pitch' === $of ? Priors::CORD_PITCH : Priors::CORD_USE);
                }
            }
        }
        $size = \count($this->spreads);
        $precision = self::zeros($size);
        $right = $precision[0];
        foreach ($this->spreads as $i => $width) {
            $precision[$i][$i] = 1 / $width ** 2;
        }
        $right[0] = $mean / $spread ** 2;
        foreach (['pitch', 'use'] as $of) {
            $pieces = [];
            foreach ($observations as $one) {
                $value = 'pitch' === $of ? $one->pitch : $one->use;
                if (null !== $value) {
                    $error = 'pitch' === $of ? $one->pitchError : $one->useError;
                    $pieces[$one->piece][] = [
                        $this->vector($of, $one->kind, $one->cord, $one->isPushed),
                        $value,
                        1 / $error ** 2,
                    ];
                }
            }
            foreach ($pieces as $rows) {
                self::add($precision, $right, $rows);
            }
        }
        $this->factor = self::cholesky($precision);
        $this->means = $this->solved($right);
    }

    /**
     * Returns the same of some cords only: what is known of the others is left out, which changes nothing of what is
     * known of these (the marginal of a normal distribution is its part).
     *
     * @param list<string> $cords
     */
    public function about(array $cords): self
    {
        $kept = array_filter($this->rows, static fn (string $name): bool => 1 !== preg_match(
            '/^(?:pitch|use) cord (.+)$/D',
            $name,
            $of,
        ) || \in_array($of[1], $cords, true), \ARRAY_FILTER_USE_KEY);
        if (\count($kept) === \count($this->rows)) {
            return $this;
        }
        $rows = array_values($kept);
        $solved = array_map(fn (int $row): array => $this->forward(
            array_values(array_replace(array_fill(0, \count($this->spreads), 0.0), [$row => 1.0])),
        ), $rows);
        $covariance = array_map(
            static fn (array $one): array => array_map(
                static fn (array $other): float => array_sum(
                    array_map(static fn (float $a, float $b): float => $a * $b, $one, $other),
                ),
                $solved,
            ),
            $solved,
        );

        return self::known(
            array_keys($kept),
            array_map(fn (int $row): float => $this->spreads[$row] ?? 0.0, $rows),
            array_map(fn (int $row): float => $this->means[$row] ?? 0.0, $rows),
            self::cholesky(self::inverse($covariance)),
        );
    }

    /**
     * Returns what is known as it was written down by facts().
     *
     * @param list<string>            $names   of what is unknown, "push" first
     * @param list<float>             $spreads of each, before anything was observed
     * @param list<float>             $means
     * @param array<int, list<float>> $factor  lower triangle of L, where L times its transpose is the precision
     */
    public static function known(array $names, array $spreads, array $means, array $factor): self
    {
        $known = new self([], null);
        $known->rows = array_flip($names);
        [$known->spreads, $known->means, $known->factor] = [$spreads, $means, $factor];

        return $known;
    }

    /**
     * @return array{names: list<string>, spreads: list<float>, means: list<float>, factor: list<list<float>>}
     */
    public function facts(): array
    {
        return [
            'names' => array_keys($this->rows),
            'spreads' => $this->spreads,
            'means' => $this->means,
            'factor' => array_values($this->factor),
        ];
    }

    /**
     * Returns how hard this maker pushes, against an even hand, and how sure that is.
     *
     * @return array{float, float}
     */
    public function push(): array
    {
        return [$this->means[0] ?? 0.0, sqrt($this->variance([0 => 1.0]))];
    }

    public function expect(string $kind, string $cord, bool $isPushed = true): Expectation
    {
        [$pitch, $pitchRest] = $this->seen(
            $this->vector('pitch', $kind, $cord, $isPushed),
            'pitch',
            $kind,
            $cord,
            $isPushed,
        );
        [$use, $useRest] = $this->seen($this->vector('use', $kind, $cord, $isPushed), 'use', $kind, $cord, $isPushed);
        $per = $use;
        foreach ($pitch as $row => $by) {
            $per[$row] = ($per[$row] ?? 0.0) - $by;
        }
        $piece = Priors::PIECE ** 2;

        return new Expectation(
            $this->mean($pitch),
            sqrt($this->variance($pitch) + $pitchRest + $piece),
            $this->mean($use),
            sqrt($this->variance($use) + $useRest + $piece),
            $this->mean($per),
            sqrt($this->variance($per) + $pitchRest + $useRest + 2 * $piece),
        );
    }

    /**
     * Returns how pitches and uses go together, without what a piece has of its own.
     *
     * @param list<array{string, string, string, bool}> $terms "pitch" or "use", of which kind, in which cord, whether
     *                                                         pushed
     *
     * @return list<list<float>> their covariances
     */
    public function together(array $terms): array
    {
        $solved = [];
        $rest = [];
        foreach ($terms as [$of, $kind, $cord, $isPushed]) {
            $full = array_replace(
                array_fill(0, \count($this->spreads), 0.0),
                $this->vector($of, $kind, $cord, $isPushed),
            );
            $solved[] = $this->forward(array_values($full));
            $rest[] = array_diff_key(self::parts($of, $kind, $cord, $isPushed), $this->rows);
        }
        $covariances = [];
        foreach ($solved as $i => $one) {
            $row = [];
            foreach ($solved as $j => $other) {
                $sum = 0.0;
                foreach ($one as $k => $value) {
                    $sum += $value * ($other[$k] ?? 0.0);
                }
                foreach (array_intersect_key($rest[$i] ?? [], $rest[$j] ?? []) as $width) {
                    $sum += $width ** 2;
                }
                $row[] = $sum;
            }
            $covariances[] = $row;
        }

        return $covariances;
    }

    /**
     * @return non-empty-array<int, array<int, float>>
     */
    private static function zeros(int $size): array
    {
        return array_fill(0, max(1, $size), array_fill(0, max(1, $size), 0.0));
    }

    private function row(string $name, float $spread): void
    {
        if (!isset($this->rows[$name])) {
            $this->rows[$name] = \count($this->spreads);
            $this->spreads[] = $spread;
        }
    }

    /**
     * @return array<string, float> what a pitch or a use has of its own, with its prior spread
     */
    private static function parts(string $of, string $kind, string $cord, bool $isPushed): array
    {
        return [$of.' kind '.$kind => Priors::kind($isPushed)] + ($isPushed
            ? [$of.' cord '.$cord => 'pitch' === $of ? Priors::CORD_PITCH : Priors::CORD_USE]
            : []);
    }

    /**
     * @return array<int, float> by how much each known unknown counts, by its row
     */
    private function vector(string $of, string $kind, string $cord, bool $isPushed): array
    {
        $vector = $isPushed ? [0 => 'pitch' === $of ? -1.0 : Priors::USE_OF_PUSH] : [];
        foreach (self::parts($of, $kind, $cord, $isPushed) as $name => $width) {
            if (isset($this->rows[$name])) {
                $vector[$this->rows[$name]] = 1.0;
            }
        }

        return $vector;
    }

    /**
     * @param array<int, float> $vector
     *
     * @return array{array<int, float>, float} and the variance of what was never observed
     */
    private function seen(array $vector, string $of, string $kind, string $cord, bool $isPushed): array
    {
        $rest = 0.0;
        foreach (self::parts($of, $kind, $cord, $isPushed) as $name => $width) {
            $rest += isset($this->rows[$name]) ? 0.0 : $width ** 2;
        }

        return [$vector, $rest];
    }

    /**
     * Adds what one piece tells: its own share is common to all its observations and integrated out.
     *
     * @param array<int, array<int, float>>                          $precision
     * @param array<int, float>                                      $right
     * @param non-empty-list<array{array<int, float>, float, float}> $rows      vector, value and weight
     */
    private static function add(array &$precision, array &$right, array $rows): void
    {
        [$sum, $values, $weights] = [[], 0.0, 1 / Priors::PIECE ** 2];
        foreach ($rows as [$vector, $value, $weight]) {
            foreach ($vector as $i => $one) {
                foreach ($vector as $j => $other) {
                    $precision[$i][$j] = ($precision[$i][$j] ?? 0.0) + $weight * $one * $other;
                }
                $right[$i] = ($right[$i] ?? 0.0) + $weight * $one * $value;
                $sum[$i] = ($sum[$i] ?? 0.0) + $weight * $one;
            }
            $values += $weight * $value;
            $weights += $weight;
        }
        foreach ($sum as $i => $one) {
            foreach ($sum as $j => $other) {
                $precision[$i][$j] = ($precision[$i][$j] ?? 0.0) - $one * $other / $weights;
            }
            $right[$i] = ($right[$i] ?? 0.0) - $one * $values / $weights;
        }
    }

    /**
     * @param array<int, float> $vector
     */
    private function mean(array $vector): float
    {
        $mean = 0.0;
        foreach ($vector as $row => $by) {
            $mean += $by * ($this->means[$row] ?? 0.0);
        }

        return $mean;
    }

    /**
     * Returns v' P⁻¹ v: with P = L L' the square of L⁻¹ v.
     *
     * @param array<int, float> $vector
     */
    private function variance(array $vector): float
    {
        $full = array_replace(array_fill(0, \count($this->spreads), 0.0), $vector);

        return array_sum(array_map(static fn (float $one): float => $one ** 2, $this->forward(array_values($full))));
    }

    /**
     * @param array<int, array<int, float>> $matrix symmetric and positive definite
     *
     * @return array<int, list<float>>
     */
    private static function cholesky(array $matrix): array
    {
        $factor = [];
        foreach ($matrix as $i => $row) {
            $factor[$i] = [];
            for ($j = 0; $j <= $i; ++$j) {
                $sum = $row[$j] ?? 0.0;
                for ($k = 0; $k < $j; ++$k) {
                    $sum -= ($factor[$i][$k] ?? 0.0) * ($factor[$j][$k] ?? 0.0);
                }
                $factor[$i][] = $i === $j ? sqrt($sum) : $sum / ($factor[$j][$j] ?? 1.0);
            }
        }

        return $factor;
    }

    /**
     * @param list<list<float>> $matrix symmetric and positive definite
     *
     * @return array<int, list<float>>
     */
    private static function inverse(array $matrix): array
    {
        $of = new self([], null);
        $of->factor = self::cholesky($matrix);
        $size = \count($matrix);

        return array_map(static fn (int $row): array => $of->solved(
            array_replace(array_fill(0, $size, 0.0), [$row => 1.0]),
        ), range(0, $size - 1));
    }

    /**
     * @param array<int, float> $right
     *
     * @return list<float>
     */
    private function forward(array $right): array
    {
        $solved = [];
        foreach ($this->factor as $i => $row) {
            $sum = $right[$i] ?? 0.0;
            for ($k = 0; $k < $i; ++$k) {
                $sum -= ($row[$k] ?? 0.0) * ($solved[$k] ?? 0.0);
            }
            $solved[] = $sum / ($row[$i] ?? 1.0);
        }

        return $solved;
    }

    /**
     * @param array<int, float> $right
     *
     * @return list<float>
     */
    private function solved(array $right): array
    {
        $solved = $this->forward($right);
        for ($i = \count($solved) - 1; $i >= 0; --$i) {
            for ($k = $i + 1; $k < \count($solved); ++$k) {
                $solved[$i] -= ($this->factor[$k][$i] ?? 0.0) * $solved[$k];
            }
            $solved[$i] /= $this->factor[$i][$i] ?? 1.0;
        }

        return array_values($solved);
    }
}
