<?php

declare(strict_types=1);

namespace Rinkel\Core\Measure\Exception;

use Rinkel\Core\Measure\MeasureFailure;
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
    public static function read(string $text): self
    {
        return new self('' === trim($text)
            ? new Message('length-wanted')
            : new Message('length-unread', ['typed' => new Quoted($text)]));
    }
}
