<?php

declare(strict_types=1);

namespace Rinkel\Core\Measure\Exception;

use Rinkel\Core\Measure\MeasureFailure;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Message;
use Rinkel\Core\Quoted;
use Rinkel\Core\Refusal;

/**
 * A text that is no number with an optional unit.
 *
 * @internal
 */
final class NotALength extends Refusal implements MeasureFailure
{
    /**
     * @param Unit $bare of a number alone there, and of the lengths that are an example
     */
    public static function read(string $text, Unit $bare = Unit::Centimetre): self
    {
        return new self('' === trim($text)
            ? new Message('length-wanted', ['bare' => $bare->value])
            : new Message('length-unread', ['typed' => new Quoted($text), 'bare' => $bare->value]));
    }
}
