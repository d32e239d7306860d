<?php

declare(strict_types=1);

namespace Rinkel\Core\Line;

/**
 * Elements that stand on the line once, or as often as a fit says. With alternation every second time is the other way
 * round.
 *
 * @internal
 */
final readonly class Chunk
{
    /** @var array{float, float} length of the elements once, in mm, and of those the other way round */
    private array $lengths;

    /** @var array{array<string, int>, array<string, int>} beads by name, likewise */
    private array $beads;

    /**
     * @param list<Element> $elements
     * @param list<Element> $swapped  what stands every second time, [] without alternation
     * @param int|null      $fit      number of the fit that repeats it, from 0
     * @param list<int>     $breaks   after how many elements a repeat may break off, where it may
     * @param bool          $fills    whether there may be more or fewer of its elements, which are all the same
     */
    public function __construct(
        public array $elements,
        public ?int $fit = null,
        public array $swapped = [],
        public array $breaks = [],
        public bool $fills = false,
    ) {
        $sides = [$elements, [] === $swapped ? $elements : $swapped];
        $this->lengths = array_map(
            static fn (array $side): float => array_sum(
                array_map(static fn (Element $element): float => $element->extent->length->millimetres, $side),
            ),
            $sides,
        );
        $this->beads = array_map(
            static fn (array $side): array => array_count_values(
                array_merge(...array_map(static fn (Element $element): array => $element->beads(), $side), ...[[]]),
            ),
            $sides,
        );
    }

    /**
     * Returns its elements $times, and the first $parts parts of one repeat more.
     *
     * @return list<Element>
     */
    public function repeated(int $times, int $parts = 0): array
    {
        $other = [] === $this->swapped ? $this->elements : $this->swapped;
        $all = [];
        for ($i = 0; $i < $times; ++$i) {
            array_push($all, ...(0 === $i % 2 ? $this->elements : $other));
        }
        $next = 0 === $times % 2 ? $this->elements : $other;

        return 0 === $parts ? $all : [...$all, ...\array_slice($next, 0, $this->breaks[$parts - 1] ?? 0)];
    }

    /**
     * Returns the same in reverse order: its knots are tied as they were, from the other end.
     */
    public function reversed(): self
    {
        return new self(self::turned($this->elements), $this->fit, self::turned($this->swapped), [], $this->fills);
    }

    /**
     * @param list<Element> $elements
     *
     * @return list<Element>
     */
    private static function turned(array $elements): array
    {
        return array_map(static fn (Element $element): Element => $element->reversed(), array_reverse($elements));
    }

    /**
     * Returns its elements with $more of them, or with fewer; at least one stays.
     *
     * @return list<Element>
     */
    public function filled(int $more): array
    {
        return array_pad(
            \array_slice($this->elements, 0, max(1, \count($this->elements) + $more)),
            max(1, \count($this->elements) + $more),
            $this->elements[0],
        );
    }

    /**
     * Returns its length in mm when it stands $times.
     */
    public function length(int $times): float
    {
        return intdiv($times + 1, 2) * $this->lengths[0] + intdiv($times, 2) * $this->lengths[1];
    }

    /**
     * Returns how many beads of each name there are when it stands $times.
     *
     * @return array<string, int>
     */
    public function beads(int $times): array
    {
        $beads = array_map(static fn (int $count): int => intdiv($times + 1, 2) * $count, $this->beads[0]);
        foreach ($this->beads[1] as $name => $count) {
            $beads[$name] = ($beads[$name] ?? 0) + intdiv($times, 2) * $count;
        }

        return $beads;
    }
}
