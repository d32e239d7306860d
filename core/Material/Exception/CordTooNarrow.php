<?php

declare(strict_types=1);

namespace Rinkel\Core\Material\Exception;

use Rinkel\Core\Material\MaterialFailure;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Refusal;

/**
 * A flat cord that would stand on its edge.
 *
 * @internal
 */
final class CordTooNarrow extends Refusal implements MaterialFailure
{
    public static function of(Length $width, Length $thickness): self
    {
        return new self(new Message('cord-too-narrow', [
            'width' => $width->written(Unit::Millimetre),
            'thickness' => $thickness->written(Unit::Millimetre),
        ]));
    }
}
