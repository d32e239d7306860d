<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\Setting;
use Rinkel\Core\Measure\Length;

/**
 * A part of the body that is worked from its own beginning: all of it, or from the middle to one end.
 *
 * @internal
 */
final readonly class Half
{
    /**
     * @param list<Element> $elements in the order of work
     * @param float         $at       where it begins in the drawing, in mm
     * @param int           $way      1 to the right, -1 to the left
     * @param int           $number   0 of all, 1 of the left, 2 of the right, from 3 of strands each for itself
     */
    private function __construct(
        public array $elements,
        private float $at,
        private int $way,
        public int $number,
    ) {}

    /**
     * @param int $number of a strand that is measured for itself, 0 of all
     */
    public static function whole(Setting $setting, int $number = 0): self
    {
        return new self($setting->elements, 0.0, 1, $number);
    }

    /**
     * Returns what lies on either side of $middle elements from $from on: from there to the left, and to the right.
     *
     * @return array{self, self}
     */
    public static function around(Setting $setting, int $from, int $middle): array
    {
        $starts = [...$setting->starts(), $setting->length->millimetres];

        return [
            new self(
                array_map(
                    static fn (Element $element): Element => $element->reversed(),
                    array_reverse(\array_slice($setting->elements, 0, $from)),
                ),
                $starts[$from] ?? 0.0,
                -1,
                1,
            ),
            new self(
                \array_slice($setting->elements, $from + $middle),
                $starts[$from + $middle] ?? $setting->length->millimetres,
                1,
                2,
            ),
        ];
    }

    /**
     * Returns its first $count elements, and the rest.
     *
     * @return array{self, self}
     */
    public function parted(int $count): array
    {
        $first = \array_slice($this->elements, 0, $count);
        $length = Length::sum(...array_map(static fn (Element $element): Length => $element->extent->length, $first));

        return [
            new self($first, $this->at, $this->way, $this->number),
            new self(
                \array_slice($this->elements, $count),
                $this->at + $this->way * $length->millimetres,
                $this->way,
                $this->number,
            ),
        ];
    }

    public function grows(): bool
    {
        return $this->way < 0;
    }

    public function length(): Length
    {
        return Length::sum(
            ...array_map(static fn (Element $element): Length => $element->extent->length, $this->elements),
        );
    }

    /**
     * @param callable(Element, Element): bool $joins whether the second goes on in the run of the first
     *
     * @return list<WorkRun>
     */
    public function runs(callable $joins): array
    {
        [$runs, $run, $from, $gone] = [[], [], Length::zero(), Length::zero()];
        foreach ($this->elements as $element) {
            if ([] !== $run && !$joins($run[\count($run) - 1], $element)) {
                $runs[] = $this->from($run, $from);
                [$run, $from] = [[], $gone];
            }
            $run[] = $element;
            $gone = $gone->plus($element->extent->length);
        }

        return [] === $run ? $runs : [...$runs, $this->from($run, $from)];
    }

    /**
     * @param non-empty-list<Element> $run
     */
    private function from(array $run, Length $from): WorkRun
    {
        return new WorkRun($run, $from, $this->at + $this->way * $from->millimetres, $this->way, $this->number);
    }
}
