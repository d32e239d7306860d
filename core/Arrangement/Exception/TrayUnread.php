<?php

declare(strict_types=1);

namespace Rinkel\Core\Arrangement\Exception;

use Rinkel\Core\Message;
use Rinkel\Core\Quoted;
use Rinkel\Core\Refusal;

/**
 * A text that does not say which beads are at hand.
 *
 * @internal
 */
final class TrayUnread extends Refusal
{
    public static function from(string $text): self
    {
        return new self(new Message('tray-unread', ['typed' => new Quoted($text)]));
    }
}
