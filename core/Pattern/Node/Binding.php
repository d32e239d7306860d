<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Place;

/**
 * Turns of a cord laid side by side around all the others, as many as cover a width: "binding 12 mm".
 *
 * @internal
 */
final readonly class Binding extends Leaf
{
    /**
     * @param Length $width more than nothing
     */
    public function __construct(
        public Length $width,
        ?Place $place = null,
    ) {
        parent::__construct($place);
    }

    public function word(): string
    {
        return 'binding';
    }

    public function __toString(): string
    {
        return 'binding '.$this->width;
    }

    public function said(Unit $unit): string
    {
        return 'binding '.$this->width->written($unit);
    }
}
