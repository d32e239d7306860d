<?php

declare(strict_types=1);

namespace Rinkel\Core\Hand;

/**
 * What is believed of the pitches and uses of one piece: normal, with a mean and covariances; and how readings change
 * it.
 *
 * A reading of a sum of exponentials is taken in by steps, each linear where the last one ended (iterated Kalman
 * update, B. M. Bell and F. W. Cathey, 1993, from memory).
 *
 * @internal
 */
final readonly class Belief
{
    private const STEPS = 4;

    /**
     * @param list<Made>        $made       what it is about: first their pitches, then their uses
     * @param list<float>       $mean
     * @param list<list<float>> $covariance
     */
    private function __construct(
        public array $made,
        private array $mean,
        public array $covariance,
    ) {}

    /**
     * @param list<Made>        $made
     * @param list<list<float>> $covariance
     */
    public static function before(array $made, array $covariance): self
    {
        return new self($made, array_fill(0, 2 * \count($made), 0.0), $covariance);
    }

    /**
     * Returns the belief after the sum of $weights, each times the exponential of its pitch or use, was read.
     *
     * @param array<string, float> $weights by what was made
     * @param bool                 $ofPitch whether of pitches, else of uses
     * @param float                $error   of the reading, as a standard deviation
     */
    public function read(float $sum, array $weights, bool $ofPitch, float $error): self
    {
        $offset = $ofPitch ? 0 : \count($this->made);
        $at = $this->mean;
        $gain = [];
        $slopes = [];
        for ($step = 0; $step < self::STEPS; ++$step) {
            $slopes = array_fill(0, \count($this->mean), 0.0);
            $expected = 0.0;
            foreach ($this->made as $i => $made) {
                $one = ($weights[$made->key] ?? 0.0) * exp($at[$offset + $i] ?? 0.0);
                $slopes[$offset + $i] = $one;
                $expected += $one;
            }
            [$moved, $variance] = $this->along($slopes);
            if ($variance <= 0.0) {
                return $this;
            }
            $gain = array_map(static fn (float $one): float => $one / ($variance + $error ** 2), $moved);
            $behind = $sum - $expected;
            foreach ($slopes as $i => $slope) {
                $behind -= $slope * (($this->mean[$i] ?? 0.0) - ($at[$i] ?? 0.0));
            }
            $at = array_map(
                static fn (float $mean, float $one): float => $mean + $one * $behind,
                $this->mean,
                $gain,
            );
        }
        [$moved] = $this->along($slopes);

        return new self($this->made, $at, array_map(static fn (array $row, float $of): array => array_map(
            static fn (float $one, float $other): float => $one - $of * $other,
            $row,
            $moved,
        ), $this->covariance, array_map(static fn (int $i): float => $gain[$i] ?? 0.0, array_keys($this->covariance))));
    }

    /**
     * @return array<string, float> pitches as expected, by what was made
     */
    public function pitches(): array
    {
        return $this->named(0);
    }

    /**
     * @return array<string, float> uses as expected, by what was made
     */
    public function uses(): array
    {
        return $this->named(\count($this->made));
    }

    /**
     * Returns the spread of one pitch, or of one use, as a standard deviation.
     */
    public function spread(string $key, bool $ofPitch): float
    {
        foreach ($this->made as $i => $made) {
            if ($made->key === $key) {
                $at = $ofPitch ? $i : \count($this->made) + $i;

                return sqrt(max(0.0, $this->covariance[$at][$at] ?? 0.0));
            }
        }

        return 0.0;
    }

    /**
     * @return array<string, float>
     */
    private function named(int $offset): array
    {
        $named = [];
        foreach ($this->made as $i => $made) {
            $named[$made->key] = $this->mean[$offset + $i] ?? 0.0;
        }

        return $named;
    }

    /**
     * @param array<int, float> $slopes
     *
     * @return array{list<float>, float} how all move with it, and its variance
     */
    private function along(array $slopes): array
    {
        $moved = [];
        $variance = 0.0;
        foreach ($this->covariance as $i => $row) {
            $sum = 0.0;
            foreach ($row as $j => $covariance) {
                $sum += $covariance * ($slopes[$j] ?? 0.0);
            }
            $moved[] = $sum;
            $variance += $sum * ($slopes[$i] ?? 0.0);
        }

        return [$moved, $variance];
    }
}
