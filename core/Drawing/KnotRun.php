<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Line\Element;
use Rinkel\Core\Material\Cord;

/**
 * The same knot some times in a row, as a picture needs to know it.
 *
 * @internal
 */
final readonly class KnotRun
{
    /**
     * @param Element $knot one of them
     * @param float   $x    where the first begins, in mm
     * @param float   $y    where its axis lies, in mm
     * @param Cord    $cord that ties it
     * @param string  $role of that cord
     */
    public function __construct(
        public Element $knot,
        public int $count,
        public float $x,
        public float $y,
        public Cord $cord,
        public string $role,
        public Around $around = new Around(),
        public RunEdges $edges = new RunEdges(),
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
        return implode(' ', [$this->role, $this->unit(), $this->length(), $this->around->half, $this->around->cores]);
    }

    /**
     * Returns one knot's length in diameters of its cord.
     */
    public function length(): float
    {
        return $this->knot->extent->length->millimetres / $this->unit();
    }
}
