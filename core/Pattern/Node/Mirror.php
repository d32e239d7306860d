<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Place;

/**
 * All that stands before it to both sides of the middle: "mirror" once more in reverse, so that what stands last is in the
 * middle; "outwards" from the middle to either end, as a maker works who begins there.
 *
 * @internal
 */
final readonly class Mirror extends Leaf
{
    /**
     * @param Exchange|null $exchange what stands for what on the second side: "mirror with sky for amber"
     */
    public function __construct(
        ?Place $place = null,
        public bool $outwards = false,
        public ?Exchange $exchange = null,
    ) {
        parent::__construct($place);
    }

    public function word(): string
    {
        return $this->outwards ? 'outwards' : 'mirror';
    }

    public function __toString(): string
    {
        return $this->word().(null === $this->exchange ? '' : ' with '.$this->exchange);
    }

    public function names(): array
    {
        return $this->exchange?->names() ?? [];
    }

    public function bracketed(): array
    {
        return [$this];
    }

    public function renamed(callable $rename): Node
    {
        return new self($this->place(), $this->outwards, $this->exchange?->renamed($rename));
    }
}
