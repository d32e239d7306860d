<?php

declare(strict_types=1);

namespace Rinkel\Core\Measure\Exception;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\MeasureFailure;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Refusal;

/**
 * A length outside what can be meant.
 *
 * @internal
 */
final class LengthOutOfRange extends Refusal implements MeasureFailure
{
    public static function beyondReason(float $millimetres): self
    {
        return new self(new Message('length-beyond-reason', ['millimetres' => \sprintf('%g', $millimetres)]));
    }

    public static function outside(Length $given, Length $shortest, Length $longest, Unit $unit): self
    {
        return new self(new Message('length-outside', [
            'given' => $given->written($unit),
            'least' => $shortest->written($unit),
            'most' => $longest->written($unit),
        ]));
    }

    /**
     * @param string $of what was measured: "wrist"
     */
    public static function of(string $of, Length $given, Length $shortest, Length $longest, Unit $unit): self
    {
        return new self(new Message('measure-outside', [
            'of' => $of,
            'given' => $given->written($unit),
            'least' => $shortest->written($unit),
            'most' => $longest->written($unit),
        ]));
    }
}
