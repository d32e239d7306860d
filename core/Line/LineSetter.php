<?php

declare(strict_types=1);

namespace Rinkel\Core\Line;

use Rinkel\Core\Knot\Kind\Square;
use Rinkel\Core\Line\Exception\PartDoesNotSuit;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Measure\Length;

/**
 * Sets a line to a length: finds the best whole numbers for all its fits.
 *
 * Several fits share the length: each n_i repeats of length L_i stays within one repeat of its share s_i of one common
 * fill x, (n_i − 1) L_i < s_i x < (n_i + 1) L_i. Of all such counts, those nearest to the wished length are best; of
 * two as near the shorter one, of two as long the one that keeps the shares better. With beads in stock only counts
 * that they suffice for are looked at, down from the wished fill. What a maker wishes more or fewer of than fits is
 * added at the end, and nothing then evens it out again. Exact: as x falls the window of counts changes only where some
 * s_i x / L_i is whole.
 */
final readonly class LineSetter
{
    private const DUST = 1e-9;

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
     * @param bool $atMost whether the line may not come out longer than $wished
     *
     * @throws PartDoesNotSuit If what is to fit is so short that more of it would be wanted than any piece has
     */
    public function set(Line $line, Length $wished, bool $atMost = false): Setting
    {
        $sums = new Sums($line);
        $free = $sums->best($wished->millimetres, $atMost, []);
        $best = [] === $this->stock ? $free : $sums->best($wished->millimetres, $atMost, $this->stock);
        if (null !== $free && $sums->isCapped($free)) {
            throw PartDoesNotSuit::tooManyToFit(Sums::MOST);
        }
        $counts = $best ?? $free ?? array_fill(0, \count($line->shares), 0);
        $counts = array_map(
            static fn (int $count, int $fit): int => max(0, $count + ($line->more[$fit] ?? 0)),
            $counts,
            array_keys($counts),
        );

        return $this->setting($line, $sums, $counts, $wished, $atMost, $this->shortage($sums, $free));
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
        Sums $sums,
        array $counts,
        Length $wished,
        bool $atMost,
        ?Shortage $shortage,
    ): Setting {
        $elements = $line->elements($counts);
        $total = $sums->length($counts);
        $stretching = \count(array_filter($elements, static fn (Element $element): bool => $element->stretches));
        $left = $wished->millimetres - $total;
        if ($stretching > 0) {
            $each = Length::ofMillimetres(max(0.0, $left) / $stretching);
            $elements = array_map(
                static fn (Element $element): Element => $element->stretches ? $element->stretchedTo($each) : $element,
                $elements,
            );
            $total += max(0.0, $left);
        }
        [$elements, $spread] = $stretching > 0 || [] !== array_filter(
            $line->more,
            static fn (int $more): bool => 0 !== $more,
        ) ? [$elements, 0] : $this->spread($elements, $counts, $left, $atMost);
        $length = Length::sum(...array_map(static fn (Element $element): Length => $element->length, $elements));

        return new Setting(
            $counts,
            $elements,
            $length,
            $length->minus($wished),
            $stretching > 0 ? [] : $sums->neighbours($counts),
            $spread,
            $shortage,
        );
    }

    /**
     * Spreads what fits leave over evenly on the runs of square knots at both ends, whole knots only.
     *
     * @param list<Element> $elements
     * @param list<int>     $counts
     *
     * @return array{list<Element>, int}
     */
    private function spread(array $elements, array $counts, float $left, bool $atMost): array
    {
        $count = \count($elements);
        $first = $elements[0] ?? null;
        $last = $elements[$count - 1] ?? null;
        if (null === $first || null === $last || $count < 3 || [] === $counts || !$first->knot instanceof Square || !$last->knot instanceof Square) {
            return [$elements, 0];
        }
        $pair = $first->length->millimetres + $last->length->millimetres;
        $runs = min($this->run($elements), $this->run(array_reverse($elements)));
        $exact = $left / $pair;
        $spread = (int) max(1 - $runs, $atMost ? floor($exact + self::DUST) : round($exact - self::DUST));
        if (0 === $spread || $runs === $count) {
            return [$elements, 0];
        }

        return $spread > 0
            ? [[...array_fill(0, $spread, $first), ...$elements, ...array_fill(0, $spread, $last)], $spread]
            : [\array_slice($elements, -$spread, $spread), $spread];
    }

    /**
     * @param list<Element> $elements
     */
    private function run(array $elements): int
    {
        $run = 0;
        while (isset($elements[$run]) && $elements[$run] === $elements[0]) {
            ++$run;
        }

        return $run;
    }

    /**
     * @param list<int>|null $free
     */
    private function shortage(Sums $sums, ?array $free): ?Shortage
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
