<?php

declare(strict_types=1);

namespace Rinkel\Core\Measure\Exception;

use Rinkel\Core\Message;
use Rinkel\Core\Quoted;
use Rinkel\Core\Refusal;

/**
 * A text that does not say how long something is left alone.
 *
 * @internal
 */
final class WaitUnread extends Refusal
{
    public static function from(string $text): self
    {
        return new self(new Message('wait-unread', ['typed' => new Quoted($text)]));
    }
}
