<?php

declare(strict_types=1);

namespace Rinkel\Core\Measure\Exception;

use Rinkel\Core\Measure\MeasureFailure;
use Rinkel\Core\Quoted;

/**
 * A number followed by a word that is no unit of length.
 */
final class UnknownUnit extends \InvalidArgumentException implements MeasureFailure
{
    public static function read(string $unit, string $text): self
    {
        return new self(\sprintf(
            'The unit %s in %s is not known. Use mm, cm, m, in or ft: for example 16.5 cm or 6 1/2 in.',
            new Quoted($unit),
            new Quoted($text),
        ));
    }
}
