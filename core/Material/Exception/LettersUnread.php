<?php

declare(strict_types=1);

namespace Rinkel\Core\Material\Exception;

use Rinkel\Core\Message;
use Rinkel\Core\Quoted;
use Rinkel\Core\Refusal;

/**
 * A text that does not say which letters there are.
 *
 * @internal
 */
final class LettersUnread extends Refusal
{
    public static function from(string $text): self
    {
        return new self(new Message('letters-unread', ['typed' => new Quoted($text)]));
    }
}
