<?php

declare(strict_types=1);

namespace Rinkel\Core\Measure\Exception;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\MeasureFailure;
use Rinkel\Core\Message;
use Rinkel\Core\Quoted;
use Rinkel\Core\Refusal;

/**
 * A fraction with nothing below its bar.
 *
 * @internal
 */
final class DivisionByNothing extends Refusal implements MeasureFailure
{
    public static function read(string $text): self
    {
        return new self(new Message('division-by-nothing', ['typed' => new Quoted($text)]));
    }

    public static function ofLength(Length $length): self
    {
        return new self(new Message('length-of-nothing', ['length' => $length]));
    }
}
