<?php

declare(strict_types=1);

namespace Rinkel\Core\Measure\Exception;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\MeasureFailure;
use Rinkel\Core\Measure\Unit;

/**
 * A length outside what can be meant.
 */
final class LengthOutOfRange extends \InvalidArgumentException implements MeasureFailure
{
    public static function beyondReason(float $millimetres): self
    {
        return new self(\sprintf('A length of %g mm is beyond reason: the limit is 100 km.', $millimetres));
    }

    public static function outside(Length $given, Length $shortest, Length $longest, Unit $unit): self
    {
        return new self(\sprintf(
            '%s is outside what can be meant here: it goes from %s to %s.',
            $given->written($unit),
            $shortest->written($unit),
            $longest->written($unit),
        ));
    }

    /**
     * @param string $of what was measured, at the head of the sentence: "A wrist"
     */
    public static function of(string $of, Length $given, Length $shortest, Length $longest, Unit $unit): self
    {
        return new self(
            \sprintf(
                '%s of %s? It goes from %s to %s.',
                $of,
                $given->written($unit),
                $shortest->written($unit),
                $longest->written($unit),
            ),
        );
    }
}
