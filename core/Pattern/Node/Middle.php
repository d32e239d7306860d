<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Place;

/**
 * One thing by its name that stays single in the middle of a mirror.
 *
 * @internal
 */
abstract readonly class Middle extends Leaf
{
    /**
     * @param string $name of a bead or a finding
     */
    final public function __construct(
        public string $name,
        ?Place $place = null,
    ) {
        parent::__construct($place);
    }

    public function __toString(): string
    {
        return $this->word().' '.$this->name;
    }

    public function names(): array
    {
        return [$this->name];
    }

    public function renamed(callable $rename): Node
    {
        return new static($rename($this->name, 0));
    }

    public function isMiddle(): bool
    {
        return true;
    }
}
