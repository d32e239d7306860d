<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

use Rinkel\Core\Measure\Length;

/**
 * Where on the piece an act is done, and what it is measured from.
 */
final readonly class Spot
{
    /**
     * @param Length|null           $from  where on the piece it begins, from the beginning of the body or from its
     *                                     middle
     * @param Length|null           $due   where it ends, as planned; what can be held to the tape
     * @param float|null            $at    where it begins in the drawing of the body, in mm
     * @param float                 $along how far it goes there, in mm, less than nothing to the left
     * @param list<Landmark>        $marks that it is measured from
     * @param list<Landmark>        $makes
     * @param array<string, Length> $sizes lengths that its sentence names: "distance", "leaves", "body", "size",
     *                                     "worn", "opens", "reach"; any other is a figure
     */
    public function __construct(
        public ?Length $from = null,
        public ?Length $due = null,
        public ?float $at = null,
        public float $along = 0.0,
        public array $marks = [],
        public array $makes = [],
        public array $sizes = [],
    ) {}

    /**
     * Returns the same at another place of the body.
     */
    public function placed(Length $from, Length $due, ?float $at): self
    {
        return new self($from, $due, $at, $this->along, $this->marks, $this->makes, $this->sizes);
    }

    /**
     * Returns the same with each of its places and lengths as $move makes them, by name.
     *
     * @param callable(string, Length): Length $move
     */
    public function moved(callable $move): self
    {
        $sizes = $this->sizes;
        foreach (array_intersect_key($sizes, ['body' => true, 'worn' => true]) as $name => $length) {
            $sizes[$name] = $move($name, $length);
        }

        return new self(
            null === $this->from ? null : $move('from', $this->from),
            null === $this->due ? null : $move('due', $this->due),
            $this->at,
            $this->along,
            $this->marks,
            $this->makes,
            $sizes,
        );
    }
}
