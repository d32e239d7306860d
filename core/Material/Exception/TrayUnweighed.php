<?php

declare(strict_types=1);

namespace Rinkel\Core\Material\Exception;

use Rinkel\Core\Message;
use Rinkel\Core\Refusal;

/**
 * Nothing was weighed, or all beads weigh less than some of them.
 *
 * @internal
 */
final class TrayUnweighed extends Refusal
{
    public static function nothing(): self
    {
        return new self(new Message('tray-unweighed'));
    }

    public static function less(float $some, float $all): self
    {
        return new self(new Message('tray-lighter', ['some' => $some, 'all' => $all]));
    }
}
