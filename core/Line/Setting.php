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
     * @param int           $parts    of one repeat more, of the fit that may break off
     * @param int           $more     knots more in each run that may fill, or fewer
     */
    public function __construct(
        public array $counts,
        public array $elements,
        public Length $length,
        public Length $over,
        public array $choices = [],
        public int $parts = 0,
        public int $more = 0,
        public ?Shortage $shortage = null,
    ) {
        $beads = array_count_values(
            array_merge(...array_map(static fn (Element $element): array => $element->beads(), $elements), ...[[]]),
        );
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
            $at += $element->extent->length->millimetres;
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
    public function count(ElementKind $kind): int
    {
        return \count(array_filter($this->elements, static fn (Element $element): bool => $kind === $element->kind));
    }

    /**
     * Returns what one cord of $role takes on the whole line.
     */
    public function take(string $role): Take
    {
        return self::sum($this->elements, $role);
    }

    /**
     * @param array<Element> $elements
     */
    private static function sum(array $elements, string $role): Take
    {
        [$straight, $knots] = [0.0, 0.0];
        foreach ($elements as $element) {
            $take = $element->takes[$role] ?? null;
            $straight += $take->straight->millimetres ?? 0.0;
            $knots += $take->knots->millimetres ?? 0.0;
        }

        return new Take(Length::ofMillimetres($straight), Length::ofMillimetres($knots));
    }
}
