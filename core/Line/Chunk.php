<?php

declare(strict_types=1);

namespace Rinkel\Core\Line;

use Rinkel\Core\Measure\Length;

/**
 * Elements that stand on the line once, or as often as a fit says. With alternation every second time is the other way round.
 */
final readonly class Chunk
{
    /**
     * @param list<Element> $elements
     * @param list<Element> $swapped  what stands every second time, [] without alternation
     * @param int|null      $fit      number of the fit that repeats it, from 0
     */
    public function __construct(
        public array $elements,
        public ?int $fit = null,
        public array $swapped = [],
    ) {}

    /**
     * @return list<Element>
     */
    public function repeated(int $times): array
    {
        $other = [] === $this->swapped ? $this->elements : $this->swapped;
        $all = [];
        for ($i = 0; $i < $times; ++$i) {
            array_push($all, ...(0 === $i % 2 ? $this->elements : $other));
        }

        return $all;
    }

    /**
     * Returns its length when it stands $times.
     */
    public function length(int $times): float
    {
        $one = self::sum($this->elements);
        $other = [] === $this->swapped ? $one : self::sum($this->swapped);

        return intdiv($times + 1, 2) * $one + intdiv($times, 2) * $other;
    }

    /**
     * @param list<Element> $elements
     */
    private static function sum(array $elements): float
    {
        return Length::sum(...array_map(static fn (Element $element): Length => $element->length, $elements))->millimetres;
    }
}
