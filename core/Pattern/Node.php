<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern;

/**
 * One part of a pattern. Nodes are data with a place in the text they were read from; reading, writing and setting them is
 * done elsewhere.
 */
interface Node
{
    /**
     * Returns where the node was read, or null when it was made.
     */
    public function place(): ?Place;
}
