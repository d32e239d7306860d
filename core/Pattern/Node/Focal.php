<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Place;

/**
 * The piece in the middle: "focal leaf". Each half of a band begins at it.
 */
final readonly class Focal extends Leaf
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
        return 'focal';
    }

    public function __toString(): string
    {
        return 'focal '.$this->name;
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
