<?php

declare(strict_types=1);

namespace Rinkel\Core\Measure\Exception;

use Rinkel\Core\Measure\MeasureFailure;
use Rinkel\Core\Quoted;

/**
 * A typed length below zero.
 */
final class NegativeLength extends \InvalidArgumentException implements MeasureFailure
{
    public static function read(string $text): self
    {
        return new self(
            \sprintf(
                'A length cannot be below zero, but %s is. Write for example 16.5 cm or 6 1/2 in.',
                new Quoted($text),
            ),
        );
    }
}
