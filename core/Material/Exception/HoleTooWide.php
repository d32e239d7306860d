<?php

declare(strict_types=1);

namespace Rinkel\Core\Material\Exception;

use Rinkel\Core\Material\MaterialFailure;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;

/**
 * A bead whose hole would be as wide as the bead.
 */
final class HoleTooWide extends \InvalidArgumentException implements MaterialFailure
{
    public static function ofBead(Length $hole, Length $diameter): self
    {
        return new self(
            \sprintf(
                'The hole of %s must be smaller than the bead, %s.',
                $hole->written(Unit::Millimetre),
                $diameter->written(Unit::Millimetre),
            ),
        );
    }
}
