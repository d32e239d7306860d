<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Place;

/**
 * A flat braid of three strands: "braid 12 in", "braid fit".
 *
 * @internal
 */
final readonly class Braid extends Leaf
{
    /**
     * @param Length|null $length more than nothing, or null for as much as the length leaves
     */
    public function __construct(
        public ?Length $length,
        ?Place $place = null,
    ) {
        parent::__construct($place);
    }

    public function word(): string
    {
        return 'braid';
    }

    public function __toString(): string
    {
        return 'braid '.($this->length ?? 'fit');
    }

    public function said(Unit $unit): string
    {
        return 'braid '.($this->length?->written($unit) ?? 'fit');
    }

    public function fits(): bool
    {
        return null === $this->length;
    }
}
