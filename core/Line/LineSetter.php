<?php

declare(strict_types=1);

namespace Rinkel\Core\Line;

use Rinkel\Core\Line\Exception\PartDoesNotSuit;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Measure\Length;

/**
 * Sets a line to a length: finds the best whole numbers for all its fits.
 *
 * Several fits share the length: each n_i repeats of length L_i stays within one repeat of its share s_i of one common
 * fill x, (n_i − 1) L_i < s_i x < (n_i + 1) L_i. Of all such counts, those nearest to the wished length are best; of
 * two as near the shorter one, of two as long the one that keeps the shares better. With beads in stock only counts
 * that they suffice for are looked at, down from the wished fill. What whole repeats leave goes where the pattern
 * allows it: a repeat that may break off, runs that may fill; no other count is changed. What a maker wishes more or
 * fewer of than fits is added at the end, and nothing then evens it out again. Exact: as x falls the window of counts changes only where some
 * s_i x / L_i is whole.
 *
 * @internal
 */
final readonly class LineSetter
{
    private const DUST = 1e-9;

    /** A run that may fill does not grow beyond reason. */
    private const MOST_MORE = 200;

    /**
     * @param array<string, int|null> $stock beads there are by name; null or no entry is as many as wanted
     */
    public function __construct(private array $stock = []) {}

    /**
     * Returns one that counts those of $beads that are in stock.
     *
     * @param array<string, Bead> $beads by short name
     */
    public static function for(array $beads): self
    {
        return new self(array_filter(
            array_map(static fn (Bead $bead): ?int => $bead->stock, $beads),
            is_int(...),
        ));
    }

    /**
     * @param bool $atMost whether the line may not come out longer than $wished, but for what nobody notices
     *
     * @throws PartDoesNotSuit If what is to fit is so short that more of it would be wanted than any piece has
     */
    public function set(Line $line, Length $wished, bool $atMost = false): Setting
    {
        $sums = new FitSolver($line);
        $most = $atMost ? $wished->plus(self::tolerance($wished))->millimetres : \INF;
        $free = $sums->best($wished->millimetres, $most, []);
        $best = [] === $this->stock ? $free : $sums->best($wished->millimetres, $most, $this->stock);
        if (null !== $free && $sums->isCapped($free)) {
            throw PartDoesNotSuit::tooManyToFit(FitSolver::MOST);
        }
        $counts = $best ?? $free ?? array_fill(0, \count($line->shares), 0);
        $counted = array_map(
            static fn (int $count, int $fit): int => max(0, $count + ($line->more[$fit] ?? 0)),
            $counts,
            array_keys($counts),
        );
        [$counted, $parts, $more] = $counted === $counts
            ? $this->filled($line, $sums, $counts, $wished->millimetres, $most)
            : [$counted, 0, 0];

        return $this->setting($line, $sums, $counted, $wished, $parts, $more, $this->shortage($sums, $free));
    }

    /**
     * Returns the line with its fits as often as $counts says.
     *
     * @param list<int> $counts
     */
    public function at(Line $line, array $counts, Length $wished): Setting
    {
        return $this->setting($line, new FitSolver($line), $counts, $wished, 0, 0, null);
    }

    /**
     * Returns what is no reason to do without a repeat: 2 mm, or 1.5 % of the length, whichever is more (judgement).
     */
    public static function tolerance(Length $length): Length
    {
        return Length::longest(Length::ofMillimetres(2), $length->times(0.015));
    }

    /**
     * Returns how many whole pieces the stock makes of a line set with $counts, null when no bead of it is counted.
     *
     * @param array<string, int> $beads beads of one piece by name
     */
    public function piecesFrom(array $beads): ?int
    {
        $pieces = null;
        foreach ($beads as $name => $count) {
            if (isset($this->stock[$name])) {
                $pieces = min($pieces ?? \PHP_INT_MAX, intdiv($this->stock[$name], $count));
            }
        }

        return $pieces;
    }

    /**
     * @param list<int> $counts
     */
    private function setting(
        Line $line,
        FitSolver $sums,
        array $counts,
        Length $wished,
        int $parts,
        int $more,
        ?Shortage $shortage,
    ): Setting {
        $elements = $line->elements($counts, $parts, $more);
        $stretching = \count(
            array_filter($elements, static fn (Element $element): bool => $element->extent->stretches),
        );
        if ($stretching > 0) {
            $left = $wished->millimetres - self::long($elements);
            $each = Length::ofMillimetres(max(0.0, $left) / $stretching);
            $elements = array_map(
                static fn (Element $element): Element => $element->extent->stretches
                    ? $element->stretchedTo($each)
                    : $element,
                $elements,
            );
        }
        $length = Length::ofMillimetres(self::long($elements));

        return new Setting(
            $counts,
            $elements,
            $length,
            $length->minus($wished),
            $stretching > 0 ? [] : $sums->neighbours($counts),
            $parts,
            $more,
            $shortage,
        );
    }

    /**
     * Returns the counts with what takes best what whole repeats leave: parts of one repeat more where it may break
     * off, knots more or fewer in each run that may fill.
     *
     * @param list<int> $counts
     *
     * @return array{list<int>, int, int}
     */
    private function filled(Line $line, FitSolver $sums, array $counts, float $wished, float $most): array
    {
        $best = [$counts, 0, 0];
        $off = abs($sums->length($counts) - $wished);
        foreach ($this->broken($line, $counts) as [$near, $parts]) {
            $elements = $line->elements($near, $parts);
            $length = self::long($elements);
            if (abs($length - $wished) < $off - self::DUST && $length <= $most + self::DUST && $this->suffices($elements)) {
                [$best, $off] = [[$near, $parts, 0], abs($length - $wished)];
            }
        }
        [$counts, $parts] = $best;
        $step = array_sum(array_map(
            static fn (Chunk $chunk): float => $chunk->elements[0]->extent->length->millimetres,
            $line->fills(),
        ));
        if ($step <= 0.0) {
            return $best;
        }
        $length = self::long($line->elements($counts, $parts));
        $more = (int) min(round(($wished - $length) / $step), floor(($most - $length) / $step + self::DUST));
        $least = 1 - min(array_map(static fn (Chunk $chunk): int => \count($chunk->elements), $line->fills()) ?: [1]);

        return [$counts, $parts, max($least, min(self::MOST_MORE, $more))];
    }

    /**
     * Returns where the last repeat may break off, of the counts or of one repeat fewer.
     *
     * @param list<int> $counts
     *
     * @return list<array{list<int>, int}>
     */
    private function broken(Line $line, array $counts): array
    {
        $chunk = $line->breaking();
        if (null === $chunk || null === $chunk->fit) {
            return [];
        }
        $broken = [];
        foreach ([0, 1] as $fewer) {
            $near = $counts;
            $near[$chunk->fit] = ($near[$chunk->fit] ?? 0) - $fewer;
            foreach (array_keys($near[$chunk->fit] < 0 ? [] : $chunk->breaks) as $part) {
                $broken[] = [array_values($near), $part + 1];
            }
        }

        return $broken;
    }

    /**
     * Returns whether there are beads enough in stock for $elements.
     *
     * @param list<Element> $elements
     */
    public function suffices(array $elements): bool
    {
        $beads = array_count_values(array_merge(
            ...array_map(static fn (Element $element): array => $element->beads(), $elements),
            ...[[]],
        ));

        return [] === array_filter(
            $beads,
            fn (int $count, string $name): bool => $count > ($this->stock[$name] ?? \PHP_INT_MAX),
            \ARRAY_FILTER_USE_BOTH,
        );
    }

    /**
     * @param list<Element> $elements
     */
    private static function long(array $elements): float
    {
        return array_sum(
            array_map(static fn (Element $element): float => $element->extent->length->millimetres, $elements),
        );
    }

    /**
     * @param list<int>|null $free
     */
    private function shortage(FitSolver $sums, ?array $free): ?Shortage
    {
        $worst = null;
        $share = 1.0;
        foreach (null === $free ? [] : $sums->beads($free) as $name => $wanted) {
            $stock = $this->stock[$name] ?? null;
            if (null !== $stock && $stock < $wanted && $stock / $wanted < $share) {
                $share = $stock / $wanted;
                $worst = new Shortage($name, $stock, $wanted);
            }
        }

        return $worst;
    }
}
