<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Pattern\Node;

/**
 * A part that says how many there are of something.
 *
 * @internal
 */
interface CountedPart extends Node
{
    /** More of anything cannot be meant. */
    public const MOST = 2000;

    /**
     * Returns how many, null when that is left to the length.
     */
    public function count(): ?int;

    /**
     * Returns the same $count times; fewer or more than there can be are as few or as many as can.
     */
    public function times(int $count): self;

    /**
     * Returns the same as often as the length allows, null of what is one thing however large.
     */
    public function freed(): ?Group;
}
