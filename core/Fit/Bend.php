<?php

declare(strict_types=1);

namespace Rinkel\Core\Fit;

/**
 * How much what is thick lengthens a ring, by its girth F: it falls with the girth about as a + b/F, here from one girth
 * that was worked out to the next, and beyond them as beside them.
 *
 * @internal
 */
final readonly class Bend
{
    /**
     * @param array<int, float> $girths in mm, rising
     * @param array<int, float> $as     in mm, of the stretch that begins at each girth but the last
     * @param array<int, float> $bs     in mm², likewise
     */
    private function __construct(
        private array $girths,
        private array $as,
        private array $bs,
    ) {}

    public static function none(): self
    {
        return new self([1.0], [0.0], [0.0]);
    }

    /**
     * @param non-empty-list<array{float, float}> $points girths and lifts in mm, rising
     */
    public static function through(array $points): self
    {
        [$as, $bs] = [[], []];
        for ($i = 1; $i < \count($points); ++$i) {
            [[$near, $more], [$far, $less]] = [$points[$i - 1], $points[$i]];
            $bs[] = ($more - $less) / (1 / $near - 1 / $far);
            $as[] = $more - $bs[$i - 1] / $near;
        }

        return new self(array_column($points, 0), [] === $as ? [$points[0][1]] : $as, [] === $bs ? [0.0] : $bs);
    }

    /**
     * Returns the same for a ring whose lift at the first girth is known, else much like this one.
     */
    public function from(float $girth, float $lift): self
    {
        $more = $lift - $this->lift($girth);

        return new self($this->girths, array_map(static fn (float $a): float => $a + $more, $this->as), $this->bs);
    }

    public function lift(float $girth): float
    {
        $i = $this->stretchAt($girth);

        return $this->as[$i] + $this->bs[$i] / max(1.0, $girth);
    }

    /**
     * Returns the girth F of which F + lift(F) / $wraps comes to $sum.
     */
    public function solved(float $sum, int $wraps): float
    {
        $girth = $sum;
        foreach (array_reverse(array_keys($this->as)) as $i) {
            $left = $sum - $this->as[$i] / $wraps;
            $girth = ($left + sqrt(max(0.0, $left ** 2 - 4 * $this->bs[$i] / $wraps))) / 2;
            if ($girth >= ($this->girths[$i] ?? 0.0)) {
                return $girth;
            }
        }

        return $girth;
    }

    private function stretchAt(float $girth): int
    {
        $stretch = 0;
        while (isset($this->as[$stretch + 1], $this->girths[$stretch + 1]) && $girth > $this->girths[$stretch + 1]) {
            ++$stretch;
        }

        return $stretch;
    }
}
