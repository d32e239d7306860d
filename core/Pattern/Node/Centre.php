<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Place;

/**
 * What stays in the middle of a mirrored pattern and is not doubled: "centre (3 bead sky)".
 *
 * @internal
 */
final readonly class Centre extends Leaf implements Bracket
{
    /**
     * @param non-empty-list<Node> $parts
     */
    public function __construct(
        public array $parts,
        ?Place $place = null,
    ) {
        parent::__construct($place);
    }

    public function word(): string
    {
        return 'centre';
    }

    public function __toString(): string
    {
        return 'centre ('.implode(', ', $this->parts).')';
    }

    public function parts(): array
    {
        return $this->parts;
    }

    public function with(array $parts): self
    {
        return new self($parts);
    }

    public function bracketed(): array
    {
        return $this->parts;
    }

    public function isMiddle(): bool
    {
        return true;
    }

    public function isPointed(): bool
    {
        return true;
    }
}
