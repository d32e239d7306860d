<?php

declare(strict_types=1);

namespace Rinkel\Core\Measure\Exception;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\MeasureFailure;
use Rinkel\Core\Quoted;

/**
 * A fraction with nothing below its bar.
 */
final class DivisionByNothing extends \InvalidArgumentException implements MeasureFailure
{
    public static function read(string $text): self
    {
        return new self(
            \sprintf('The fraction in %s divides by nothing. Write for example 7 1/2 in or 19 cm.', new Quoted($text)),
        );
    }

    public static function ofLength(Length $length): self
    {
        return new self(\sprintf('Cannot say how often a length of nothing goes into %s.', $length));
    }
}
