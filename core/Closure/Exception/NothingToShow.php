<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Exception;

use Rinkel\Core\Message;
use Rinkel\Core\Quoted;
use Rinkel\Core\Refusal;

/**
 * A text that does not say what shall show of a slider.
 *
 * @internal
 */
final class NothingToShow extends Refusal
{
    public static function read(string $text): self
    {
        return new self(new Message('shows-unread', ['typed' => new Quoted($text)]));
    }
}
