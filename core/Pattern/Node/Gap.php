<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Place;

/**
 * Bare cord: "gap 1 in".
 */
final readonly class Gap extends Leaf
{
    /**
     * @param Length|null $length more than nothing, or null for as much as the length leaves: "gap fit"
     */
    public function __construct(
        public ?Length $length,
        ?Place $place = null,
    ) {
        parent::__construct($place);
    }

    public function word(): string
    {
        return 'gap';
    }

    public function __toString(): string
    {
        return 'gap '.($this->length ?? 'fit');
    }

    public function said(Unit $unit): string
    {
        return 'gap '.($this->length?->written($unit) ?? 'fit');
    }
}
