<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Work\Landmark;

/**
 * What the edges of a body's elements are called, to measure from, and where the body ends at either side.
 *
 * @internal
 */
final class Edges
{
    /** @var array<int, array{Landmark, Length}> where the body ends, at its beginning and at its end */
    private array $brinks = [];

    /** @var array<int, array<int, Landmark>> by element: at its start and at its end */
    private array $edges = [];

    /**
     * @param list<Element> $elements in their order
     */
    public function __construct(private readonly array $elements) {}

    /**
     * Returns the outer edge of an element: what it is called.
     */
    public function of(Element $element, bool $isStart): Landmark
    {
        return $this->edges[spl_object_id($element)][$isStart ? 0 : 1] ??= $this->named($element, $isStart);
    }

    private function named(Element $element, bool $isStart): Landmark
    {
        $knot = $element->knot;
        $side = $isStart ? 'start' : 'finish';

        return match (true) {
            null !== $knot && $knot->manner()->isPushed(), \in_array($element->kind, [
                ElementKind::Rows,
                ElementKind::Wave,
            ], true) => Landmark::of(
                $isStart ? 'start-edge' : 'last-edge',
            ),
            Manner::Bound === $knot?->manner() => Landmark::of($isStart ? 'first-binding' : 'second-binding'),
            Manner::Woven === $knot?->manner() => Landmark::of('knot', null, $side),
            null !== $knot => Landmark::of($isStart ? 'first-knot' : 'last-knot'),
            ElementKind::Link === $element->kind => Landmark::of($isStart ? 'first-link' : 'last-link'),
            ElementKind::Braid === $element->kind => Landmark::of('braid-end', null, $side),
            ElementKind::Focal === $element->kind => Landmark::of(
                $this->isOutside($element, $isStart) ? 'outer-edge-of' : 'edge-of',
                $element->name,
                $side,
            ),
            default => Landmark::of($isStart ? 'first-bead' : 'last-bead'),
        };
    }

    /**
     * Returns whether nothing of the body lies beyond an element.
     */
    private function isOutside(Element $element, bool $isStart): bool
    {
        return $element === ($this->elements[$isStart ? 0 : \count($this->elements) - 1] ?? null);
    }

    /**
     * Returns where the body ends at one side: its outermost thing that is no bare cord, and what lies bare beyond.
     *
     * @return array{Landmark, Length}
     */
    public function brink(bool $isStart): array
    {
        return $this->brinks[$isStart ? 0 : 1] ??= $this->found($isStart);
    }

    /**
     * @return array{Landmark, Length}
     */
    private function found(bool $isStart): array
    {
        $bare = Length::zero();
        foreach ($isStart ? $this->elements : array_reverse($this->elements) as $element) {
            if (ElementKind::Bare === $element->kind) {
                $bare = $bare->plus($element->extent->length);
            } elseif (!$element->seat->hangs) {
                return [$this->of($element, $isStart), $bare];
            }
        }

        return [Landmark::of('mark'), $bare];
    }
}
