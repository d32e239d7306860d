<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Line\Element;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Spot;

/**
 * Elements of the same kind that are worked one after the other.
 *
 * @internal
 */
final readonly class WorkRun
{
    public Element $element;

    private Length $length;

    /**
     * @param non-empty-list<Element> $elements in the order of work
     * @param Length                  $from     where its half begins
     * @param float                   $at       where it begins in the drawing, in mm
     * @param int                     $way      1 when the work goes to the right there, -1 to the left
     * @param int                     $half     0 of all, 1 of the left, 2 of the right
     */
    public function __construct(
        public array $elements,
        public Length $from,
        public float $at,
        private int $way,
        public int $half = 0,
    ) {
        $this->element = $elements[0];
        $sum = 0.0;
        foreach ($elements as $element) {
            $sum += $element->extent->length->millimetres;
        }
        $this->length = Length::ofMillimetres($sum);
    }

    public function grows(): bool
    {
        return $this->way < 0;
    }

    public function count(): int
    {
        return \count($this->elements);
    }

    public function length(): Length
    {
        return $this->length;
    }

    public function due(): Length
    {
        return $this->from->plus($this->length());
    }

    /**
     * Returns how far it goes in the drawing, in mm, less than nothing to the left.
     */
    public function along(): float
    {
        return $this->way * $this->length()->millimetres;
    }

    /**
     * Returns where it is made, from these landmarks to those.
     *
     * @param list<Landmark>        $marks
     * @param list<Landmark>        $makes
     * @param array<string, Length> $sizes
     */
    public function spot(array $marks, array $makes, array $sizes = []): Spot
    {
        return new Spot($this->from, $this->due(), $this->at, $this->along(), $marks, $makes, $sizes);
    }

    /**
     * Returns where it is made by what is not all of it yet: it goes no further in the drawing.
     *
     * @param list<Landmark> $marks
     */
    public function before(array $marks): Spot
    {
        return new Spot($this->from, $this->due(), $this->at, 0.0, $marks);
    }

    /**
     * @template T
     *
     * @param callable(Element): T $of
     *
     * @return non-empty-list<T>
     */
    public function map(callable $of): array
    {
        return array_map($of, $this->elements);
    }
}
