<?php

declare(strict_types=1);

namespace Rinkel\Core\Measure\Exception;

use Rinkel\Core\Measure\MeasureFailure;
use Rinkel\Core\Quoted;

/**
 * A text that is no number with an optional unit.
 */
final class NotALength extends \InvalidArgumentException implements MeasureFailure
{
    public static function read(string $text): self
    {
        return new self('' === trim($text)
            ? 'Type a length here, for example 16.5 cm or 6 1/2 in.'
            : \sprintf('Could not read %s as a length. Write for example 16.5 cm or 6 1/2 in.', new Quoted($text)));
    }
}
