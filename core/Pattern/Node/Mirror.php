<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Place;

/**
 * All that stands before it, once more in reverse: "mirror". A focal, a word or a centre just before it stays single.
 */
final readonly class Mirror implements Node
{
    public function __construct(private ?Place $place = null) {}

    public function place(): ?Place
    {
        return $this->place;
    }
}
