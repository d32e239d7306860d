<?php

declare(strict_types=1);

namespace Rinkel\Core\Fit;

use Rinkel\Core\Measure\Exception\LengthOutOfRange;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;

/**
 * What is measured of a person. Each has the range in which such a measure can be meant, from a newborn's to the
 * largest (judgement): whoever reads one asks here.
 *
 * @internal
 */
enum Measurement: string
{
    case Wrist = 'wrist';
    case Hand = 'hand';
    case Ankle = 'ankle';
    case Heel = 'heel';
    case Neck = 'neck';
    case Head = 'head';

    /**
     * Returns $length when it can be one of these.
     *
     * @throws LengthOutOfRange If it cannot; the sentence is in $unit
     */
    public function checked(Length $length, Unit $unit): Length
    {
        [$least, $most] = $this->range();

        return $length->isShorterThan($least) || $length->isLongerThan($most)
            ? throw LengthOutOfRange::of($this->value, $length, $least, $most, $unit) : $length;
    }

    /**
     * @return array{Length, Length}
     */
    public function range(): array
    {
        return array_map(Length::ofCentimetres(...), match ($this) {
            self::Wrist => [8.0, 30.0],
            self::Hand => [8.0, 50.0],
            self::Ankle => [12.0, 45.0],
            self::Heel => [12.0, 80.0],
            self::Neck => [20.0, 65.0],
            self::Head => [25.0, 80.0],
        });
    }
}
