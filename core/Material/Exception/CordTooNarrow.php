<?php

declare(strict_types=1);

namespace Rinkel\Core\Material\Exception;

use Rinkel\Core\Material\MaterialFailure;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;

/**
 * A flat cord that would stand on its edge.
 */
final class CordTooNarrow extends \InvalidArgumentException implements MaterialFailure
{
    public static function of(Length $width, Length $thickness): self
    {
        return new self(
            \sprintf(
                '%s is less than its thickness, %s.',
                $width->written(Unit::Millimetre),
                $thickness->written(Unit::Millimetre),
            ),
        );
    }
}
