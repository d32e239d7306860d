<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Exception;

use Rinkel\Core\Message;
use Rinkel\Core\Quoted;
use Rinkel\Core\Refusal;

/**
 * A text that does not say how tails are made.
 *
 * @internal
 */
final class TailsUnread extends Refusal
{
    public static function from(string $text): self
    {
        return new self(new Message('tails-unread', ['typed' => new Quoted($text)]));
    }
}
