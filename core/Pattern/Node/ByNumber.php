<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

/**
 * What has so many of it, and more by as many.
 *
 * @internal
 */
trait ByNumber
{
    abstract public function count(): int;

    abstract public function times(int $count): self;

    public function more(int $more): self
    {
        return $this->times($this->count() + $more);
    }
}
