<?php

declare(strict_types=1);

namespace Rinkel\Core\Material\Exception;

use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\MaterialFailure;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Refusal;

/**
 * The number of a seed bead where its diameter is asked for.
 *
 * @internal
 */
final class SeedAsDiameter extends Refusal implements MaterialFailure
{
    public static function read(string $size): self
    {
        [$diameter, $length, $hole] = Bead::seed($size) ?? throw new \LogicException('It is no seed size.');

        return new self(new Message('seed-as-diameter', [
            'size' => $size,
            'diameter' => $diameter->written(Unit::Millimetre),
            'length' => $length->written(Unit::Millimetre),
            'hole' => $hole->written(Unit::Millimetre),
        ]));
    }
}
