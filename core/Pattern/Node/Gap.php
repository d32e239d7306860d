<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Place;

/**
 * Bare cord: "gap 1 in", "gap fit"; or as much as brings what lies on either side so far apart from centre to centre:
 * "gap 27 mm centres". A maker may measure it by a gauge of their own: "gap 1 gauge", "gap 1.5 gauge centres".
 *
 * @internal
 */
final readonly class Gap extends Leaf
{
    public const MOST_GAUGES = 50.0;

    /**
     * @param Length|null $length  more than nothing, or null for as much as the length leaves or for gauges
     * @param bool        $centres whether it counts from centre to centre; never of what the length leaves
     * @param float|null  $gauges  how many of the maker's own gauge, more than nothing, up to 50
     */
    public function __construct(
        public ?Length $length,
        ?Place $place = null,
        public bool $centres = false,
        public ?float $gauges = null,
    ) {
        parent::__construct($place);
    }

    public function word(): string
    {
        return 'gap';
    }

    public function __toString(): string
    {
        return 'gap '.$this->size((string) ($this->length ?? 'fit'));
    }

    public function said(Unit $unit): string
    {
        return 'gap '.$this->size((string) ($this->length?->written($unit) ?? 'fit'));
    }

    public function fits(): bool
    {
        return null === $this->length && null === $this->gauges;
    }

    private function size(string $length): string
    {
        return (null === $this->gauges ? $length : $this->gauges.' gauge').($this->centres ? ' centres' : '');
    }
}
