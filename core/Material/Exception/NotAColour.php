<?php

declare(strict_types=1);

namespace Rinkel\Core\Material\Exception;

use Rinkel\Core\Material\MaterialFailure;
use Rinkel\Core\Message;
use Rinkel\Core\Quoted;
use Rinkel\Core\Refusal;

/**
 * A text that is no colour.
 *
 * @internal
 */
final class NotAColour extends Refusal implements MaterialFailure
{
    public static function read(string $text): self
    {
        return new self(new Message('colour-unread', ['typed' => new Quoted($text)]));
    }
}
