<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

/**
 * All that stands before it, once more in reverse: "mirror". A focal, a word or a centre just before it stays single.
 */
final readonly class Mirror extends Leaf
{
    public function word(): string
    {
        return 'mirror';
    }

    public function __toString(): string
    {
        return 'mirror';
    }
}
