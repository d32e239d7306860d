<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Place;

/**
 * Links of a chain, one after the other: "7 link silver".
 *
 * @internal
 */
final readonly class Links extends Leaf implements CountedPart
{
    use ByNumber;

    /**
     * @param int    $count 1 to 2000
     * @param string $name  of a finding
     */
    public function __construct(
        public int $count,
        public string $name,
        ?Place $place = null,
    ) {
        parent::__construct($place);
        self::hold($count, 1, self::MOST);
    }

    public function word(): string
    {
        return 'link';
    }

    public function __toString(): string
    {
        return $this->count.' link '.$this->name;
    }

    public function names(): array
    {
        return [$this->name];
    }

    public function named(): Named
    {
        return Named::Links;
    }

    public function renamed(callable $rename): Node
    {
        return new self($this->count, $rename($this->name, 0));
    }

    public function repeatsBare(): bool
    {
        return true;
    }

    public function count(): int
    {
        return $this->count;
    }

    public function times(int $count): self
    {
        return new self(max(1, min(self::MOST, $count)), $this->name);
    }

    public function freed(): Group
    {
        return new Group([$this->times(1)], new Fit());
    }
}
