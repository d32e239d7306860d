<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Pattern\Node;

/**
 * A part with parts inside.
 *
 * @internal
 */
interface Bracket extends Node
{
    /**
     * @return non-empty-list<Node>
     */
    public function parts(): array;

    /**
     * @param non-empty-list<Node> $parts
     */
    public function with(array $parts): self;
}
