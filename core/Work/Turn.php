<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

/**
 * Whether something is done before the rest or after it, where makers differ.
 *
 * @internal
 */
enum Turn: string
{
    case First = 'first';
    case Last = 'last';

    public function isFirst(): bool
    {
        return self::First === $this;
    }

    public function isLast(): bool
    {
        return self::Last === $this;
    }
}
