<?php

declare(strict_types=1);

namespace Rinkel\Core\Line;

use Rinkel\Core\Measure\Length;

/**
 * A line set to a length: how often each fit stands, and every element at its place.
 */
final readonly class Setting
{
    /** @var array<string, int> by name */
    private array $beads;

    /**
     * @param list<int>     $counts   of each fit
     * @param list<Element> $elements in order, bare cord stretched to what the length leaves
     * @param Length        $length   of all of them
     * @param Length        $over     what the length is over the wished one, negative when short
     * @param list<Choice>  $choices  the neighbours, shortest first
     * @param int           $spread   square knots added at each end, or taken off, to come nearer
     */
    public function __construct(
        public array $counts,
        public array $elements,
        public Length $length,
        public Length $over,
        public array $choices = [],
        public int $spread = 0,
        public ?Shortage $shortage = null,
    ) {
        $beads = array_count_values(array_merge(...array_map(static fn (Element $element): array => $element->beads(), $elements), ...[[]]));
        ksort($beads);
        $this->beads = $beads;
    }

    /**
     * Returns where each element begins, in mm from the start of the line.
     *
     * @return list<float>
     */
    public function starts(): array
    {
        $starts = [];
        $at = 0.0;
        foreach ($this->elements as $element) {
            $starts[] = $at;
            $at += $element->length->millimetres;
        }

        return $starts;
    }

    /**
     * Returns how many beads of each name there are.
     *
     * @return array<string, int>
     */
    public function beads(): array
    {
        return $this->beads;
    }

    /**
     * Returns how many elements are of one kind.
     */
    public function count(string $what): int
    {
        return \count(array_filter($this->elements, static fn (Element $element): bool => $what === $element->what));
    }

    /**
     * Returns what one cord of $role takes on the whole line: straight, and in knots.
     *
     * @return array{Length, Length}
     */
    public function use(string $role): array
    {
        return self::sum($this->elements, $role);
    }

    /**
     * Returns what one cord of $role takes from the focal to one end: of the half that takes more, with half of the focal.
     *
     * @return array{Length, Length}
     */
    public function useOfHalf(string $role): array
    {
        $focal = array_search('focal', array_column($this->elements, 'what'), true);
        if (false === $focal) {
            return array_map(static fn (Length $part): Length => $part->times(0.5), $this->use($role));
        }
        $at = self::sum([$this->elements[$focal]], $role);
        $halves = [self::sum(\array_slice($this->elements, 0, $focal), $role), self::sum(\array_slice($this->elements, $focal + 1), $role)];
        $longer = $halves[0][0]->plus($halves[0][1])->isShorterThan($halves[1][0]->plus($halves[1][1])) ? $halves[1] : $halves[0];

        return [$longer[0]->plus($at[0]->times(0.5)), $longer[1]->plus($at[1]->times(0.5))];
    }

    /**
     * @param array<Element> $elements
     *
     * @return array{Length, Length}
     */
    private static function sum(array $elements, string $role): array
    {
        [$straight, $knots] = [0.0, 0.0];
        foreach ($elements as $element) {
            [$along, $in] = $element->uses[$role] ?? [Length::zero(), Length::zero()];
            $straight += $along->millimetres;
            $knots += $in->millimetres;
        }

        return [Length::ofMillimetres($straight), Length::ofMillimetres($knots)];
    }
}
