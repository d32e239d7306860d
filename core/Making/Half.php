<?php

declare(strict_types=1);

namespace Rinkel\Core\Making;

use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\Setting;
use Rinkel\Core\Measure\Length;

/**
 * A part of the body that is worked from its own beginning: all of it, or from the middle to one end.
 */
final readonly class Half
{
    /**
     * @param list<Element> $elements in the order of work
     * @param float         $at       where it begins in the drawing, in mm
     * @param int           $way      1 to the right, -1 to the left
     */
    private function __construct(
        public array $elements,
        private float $at,
        private int $way,
    ) {}

    public static function whole(Setting $setting): self
    {
        return new self($setting->elements, 0.0, 1);
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
            ),
            new self(
                \array_slice($setting->elements, $from + $middle),
                $starts[$from + $middle] ?? $setting->length->millimetres,
                1,
            ),
        ];
    }

    public function length(): Length
    {
        return Length::sum(...array_map(static fn (Element $element): Length => $element->length, $this->elements));
    }

    /**
     * @param callable(Element, Element): bool $joins whether the second goes on in the run of the first
     *
     * @return iterable<Run>
     */
    public function runs(callable $joins): iterable
    {
        [$run, $from, $gone] = [[], Length::zero(), Length::zero()];
        foreach ($this->elements as $element) {
            if ([] !== $run && !$joins($run[\count($run) - 1], $element)) {
                yield $this->from($run, $from);
                [$run, $from] = [[], $gone];
            }
            $run[] = $element;
            $gone = $gone->plus($element->length);
        }
        if ([] !== $run) {
            yield $this->from($run, $from);
        }
    }

    /**
     * @param non-empty-list<Element> $run
     */
    private function from(array $run, Length $from): Run
    {
        return new Run($run, $from, $this->at + $this->way * $from->millimetres, $this->way);
    }
}
