<?php

declare(strict_types=1);

namespace Rinkel\Core\Material\Exception;

use Rinkel\Core\Material\MaterialFailure;
use Rinkel\Core\Quoted;

/**
 * A text that is no colour.
 */
final class NotAColour extends \InvalidArgumentException implements MaterialFailure
{
    public static function read(string $text): self
    {
        return new self(
            \sprintf(
                'Could not read %s as a colour. Write # and six digits, for example #2f6f8f or #c9a227.',
                new Quoted($text),
            ),
        );
    }
}
