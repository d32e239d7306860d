<?php

declare(strict_types=1);

namespace Rinkel\Core\Material\Exception;

use Rinkel\Core\Material\MaterialFailure;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Refusal;

/**
 * A bead whose hole would be as wide as the bead.
 *
 * @internal
 */
final class HoleTooWide extends Refusal implements MaterialFailure
{
    public static function ofBead(Length $hole, Length $diameter): self
    {
        return new self(new Message('hole-too-wide', [
            'hole' => $hole->written(Unit::Millimetre),
            'bead' => $diameter->written(Unit::Millimetre),
        ]));
    }
}
