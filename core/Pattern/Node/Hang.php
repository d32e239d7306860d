<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Place;

/**
 * A charm, a pendant or a bead that hangs from the piece and takes no length of it: "hang leaf".
 */
final readonly class Hang extends Leaf
{
    /**
     * @param string $name of a bead or a finding
     */
    public function __construct(
        public string $name,
        ?Place $place = null,
    ) {
        parent::__construct($place);
    }

    public function word(): string
    {
        return 'hang';
    }

    public function __toString(): string
    {
        return 'hang '.$this->name;
    }

    public function names(): array
    {
        return [$this->name];
    }

    public function renamed(callable $rename): Node
    {
        return new self($rename($this->name, 0));
    }

    public function isMiddle(): bool
    {
        return true;
    }
}
