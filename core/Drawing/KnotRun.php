<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Line\Element;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;

/**
 * The same knot some times in a row, as a picture needs to know it.
 */
final readonly class KnotRun
{
    /**
     * @param Element      $knot    one of them
     * @param float        $x       where the first begins, in mm
     * @param float        $y       where its axis lies, in mm
     * @param Cord         $cord    that ties it
     * @param string       $role    of that cord
     * @param float        $half    half the width of what it is tied around, in mm
     * @param int          $cores   cords inside, or ropes side by side
     * @param bool         $begins  whether nothing stands before it on the line
     * @param bool         $ends    whether nothing follows it
     * @param list<Colour> $colours of ropes side by side
     * @param bool         $bends   whether it is drawn around a bend, so that each knot is a picture of its own
     */
    public function __construct(
        public Element $knot,
        public int $count,
        public float $x,
        public float $y,
        public Cord $cord,
        public string $role,
        public float $half = 0.0,
        public int $cores = 1,
        public bool $begins = false,
        public bool $ends = false,
        public bool $bends = false,
        public array $colours = [],
    ) {}

    /**
     * Returns the cord's diameter, in mm: the unit of pictures.
     */
    public function unit(): float
    {
        return $this->cord->round()->millimetres;
    }

    /**
     * Returns by what runs are told whose knots have the same picture.
     */
    public function alike(): string
    {
        return implode(' ', [$this->role, $this->unit(), $this->length(), $this->half, $this->cores]);
    }

    /**
     * Returns one knot's length in diameters of its cord.
     */
    public function length(): float
    {
        return $this->knot->length->millimetres / $this->unit();
    }
}
