<?php

declare(strict_types=1);

namespace Rinkel\Core\Line;

use Rinkel\Core\Measure\Length;

/**
 * The lengths and bead counts of a line as sums over its fits; the arithmetic of setting.
 *
 * @internal
 */
final class FitSolver
{
    private const DUST = 1e-9;

    /** Up to so many fits every way to round their shares is tried; beyond, they are rounded up in the order of their remainders. */
    private const ALL_WAYS = 6;

    /** The best counts lie near the whole fill; no more than so many windows below it are looked at. */
    private const DEEPEST = 4000;

    /** More elements than this in all fits are no piece of jewellery. */
    public const MOST = 6000;

    private float $fixed = 0.0;

    /** @var list<list<array{Chunk, int}>> by fit: what it repeats and how many times that stands on the line */
    private array $fits = [];

    /** @var array<string, int> */
    private array $fixedBeads = [];

    public function __construct(private readonly Line $line)
    {
        $this->fits = array_fill(0, \count($line->shares), []);
        $this->add($line->first, $line->mirrored ? 2 : 1);
        $this->add($line->after, 1);
        $this->add([new Chunk($line->middle)], 1);
    }

    /**
     * @param list<int> $counts
     */
    public function length(array $counts): float
    {
        $length = $this->fixed;
        foreach ($counts as $fit => $count) {
            $length += $this->part($fit, $count);
        }

        return $length;
    }

    /**
     * @param list<int> $counts
     *
     * @return array<string, int> by name
     */
    public function beads(array $counts): array
    {
        $beads = $this->fixedBeads;
        foreach ($this->fits as $fit => $chunks) {
            foreach ($chunks as [$chunk, $times]) {
                foreach ($chunk->beads($counts[$fit] ?? 0) as $name => $count) {
                    $beads[$name] = ($beads[$name] ?? 0) + $times * $count;
                }
            }
        }

        return array_filter($beads, static fn (int $count): bool => $count > 0);
    }

    /**
     * Returns the best counts, or null when none are allowed.
     *
     * @param float                   $most  that the length may come to
     * @param array<string, int|null> $stock
     *
     * @return list<int>|null
     */
    public function best(float $wished, float $most, array $stock): ?array
    {
        if ([] === $this->fits) {
            return [];
        }
        $best = null;
        $found = [\INF, \INF, \INF];
        $fill = max(0.0, $wished - $this->fixed) + 2 * max(array_map($this->one(...), array_keys($this->fits)));
        foreach ($this->steps($fill) as $x) {
            if (null !== $best && $this->mostAt($x) < $wished - $found[0] - self::DUST) {
                break;
            }
            foreach ($this->windows($x) as $counts) {
                $length = $this->length($counts);
                if ($length > $most + self::DUST && array_sum($counts) > 0) {
                    continue;
                }
                $judged = [round(abs($length - $wished), 6), round($length, 6), round($this->unfairness($counts), 6)];
                if ($judged < $found && $this->suffices($counts, $stock)) {
                    [$found, $best] = [$judged, $counts];
                }
            }
        }

        return $best;
    }

    /**
     * Returns the next shorter and longer settings around $counts, by one repeat of each fit and by two of the only
     * one.
     *
     * @param list<int> $counts
     *
     * @return list<Choice>
     */
    public function neighbours(array $counts): array
    {
        $choices = [];
        foreach ($counts as $fit => $count) {
            foreach (1 === \count($counts) ? [-2, -1, 1, 2] : [-1, 1] as $step) {
                if ($count + $step >= 0) {
                    $near = $counts;
                    $near[$fit] = $count + $step;
                    $near = array_values($near);
                    $choices[] = new Choice($near, Length::ofMillimetres($this->length($near)));
                }
            }
        }
        usort(
            $choices,
            static fn (Choice $choice, Choice $other): int => $choice->length->millimetres <=> $other->length->millimetres,
        );

        return $choices;
    }

    /**
     * @param list<Chunk> $chunks
     */
    private function add(array $chunks, int $times): void
    {
        foreach ($chunks as $chunk) {
            if (null !== $chunk->fit) {
                $this->fits[$chunk->fit][] = [$chunk, $times];
                continue;
            }
            $this->fixed += $times * $chunk->length(1);
            foreach ($chunk->beads(1) as $name => $count) {
                $this->fixedBeads[$name] = ($this->fixedBeads[$name] ?? 0) + $times * $count;
            }
        }
    }

    private function part(int $fit, int $count): float
    {
        $length = 0.0;
        foreach ($this->fits[$fit] ?? [] as [$chunk, $times]) {
            $length += $times * $chunk->length($count);
        }

        return $length;
    }

    /**
     * Returns the mean length that one more repeat of a fit adds; never zero, so that an empty one is not repeated
     * for ever.
     */
    private function one(int $fit): float
    {
        return max(0.1, $this->part($fit, 2) / 2);
    }

    /**
     * Returns fills, falling, between any two of which the window of counts stays the same.
     *
     * @return list<float>
     */
    private function steps(float $fill): array
    {
        $edges = [0.0, $fill];
        $deep = intdiv(self::DEEPEST, \count($this->fits));
        foreach (array_keys($this->fits) as $fit) {
            $step = $this->one($fit) / $this->share($fit);
            $top = (int) ceil($fill / $step) - 1;
            for ($i = $top; $i > max(0, $top - $deep); --$i) {
                $edges[] = $i * $step;
            }
        }
        rsort($edges);
        $middles = [];
        for ($i = 1, $count = \count($edges); $i < $count; ++$i) {
            if ($edges[$i - 1] - $edges[$i] > self::DUST) {
                $middles[] = ($edges[$i - 1] + $edges[$i]) / 2;
            }
        }

        return [] === $middles ? [0.0] : $middles;
    }

    private function share(int $fit): float
    {
        return $this->line->shares[$fit] / array_sum($this->line->shares);
    }

    private function mostAt(float $x): float
    {
        $length = $this->fixed;
        foreach (array_keys($this->fits) as $fit) {
            $length += $this->share($fit) * $x + $this->one($fit);
        }

        return $length + $this->one(0);
    }

    /**
     * Returns all counts within one repeat of their shares of the fill $x.
     *
     * @return \Generator<list<int>>
     */
    private function windows(float $x): \Generator
    {
        [$counts, $remainders] = [[], []];
        foreach (array_keys($this->fits) as $fit) {
            $exact = $this->share($fit) * $x / $this->one($fit);
            $counts[] = (int) min(floor($exact), $this->most($fit));
            $remainders[] = $exact - floor($exact);
        }
        if (\count($counts) > self::ALL_WAYS) {
            yield from self::inOrder($counts, $remainders);

            return;
        }
        for ($mask = 0, $all = 2 ** \count($counts); $mask < $all; ++$mask) {
            yield array_map(
                static fn (int $count, int $fit): int => $count + (($mask >> $fit) & 1),
                $counts,
                array_keys($counts),
            );
        }
    }

    /**
     * Returns the counts rounded down, then one more of them rounded up at a time, the largest remainder first.
     *
     * @param list<int>   $counts
     * @param list<float> $remainders
     *
     * @return \Generator<list<int>>
     */
    private static function inOrder(array $counts, array $remainders): \Generator
    {
        yield $counts;
        arsort($remainders);
        foreach (array_keys($remainders) as $fit) {
            ++$counts[$fit];
            yield array_values($counts);
        }
    }

    /**
     * Returns whether more of a fit would be wanted than can stand.
     *
     * @param list<int> $counts
     */
    public function isCapped(array $counts): bool
    {
        foreach ($counts as $fit => $count) {
            if ($count >= $this->most($fit)) {
                return true;
            }
        }

        return false;
    }

    /**
     * Returns how often a fit may stand at most, so that all of them together stay within reason.
     */
    private function most(int $fit): int
    {
        $once = array_sum(
            array_map(static fn (array $chunk): int => $chunk[1] * \count($chunk[0]->elements), $this->fits[$fit]),
        );

        return intdiv(self::MOST, max(1, $once * \count($this->fits)));
    }

    /**
     * @param list<int> $counts
     */
    private function unfairness(array $counts): float
    {
        $total = $this->length($counts) - $this->fixed;
        $sum = 0.0;
        foreach ($counts as $fit => $count) {
            $sum += ($this->part($fit, $count) - $this->share($fit) * $total) ** 2;
        }

        return $sum;
    }

    /**
     * @param list<int>               $counts
     * @param array<string, int|null> $stock
     */
    private function suffices(array $counts, array $stock): bool
    {
        if ([] === $stock) {
            return true;
        }
        foreach ($this->beads($counts) as $name => $count) {
            if (isset($stock[$name]) && $count > $stock[$name]) {
                return false;
            }
        }

        return true;
    }
}
