<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Place;

/**
 * Beads strung together before the next knot: "bundle amber sky", or with "/" on the long and the short end.
 *
 * @internal
 */
final readonly class BeadBundle extends Leaf
{
    /**
     * @param non-empty-list<string> $long  beads on the long or only end
     * @param list<string>           $short beads on the short end
     * @param bool                   $loose whether the two ends form an eye with slack
     * @param bool                   $level whether rows lie side by side, not half a step on from each other
     */
    public function __construct(
        public array $long,
        public array $short = [],
        ?Place $place = null,
        public bool $loose = false,
        public bool $level = false,
    ) {
        parent::__construct($place);
    }

    public function word(): string
    {
        return 'bundle';
    }

    public function __toString(): string
    {
        return 'bundle '.($this->loose ? 'loose ' : '').($this->level ? 'level ' : '')
            .implode(' ', $this->long)
            .([] === $this->short ? '' : ' / '.implode(' ', $this->short));
    }

    public function names(): array
    {
        return [...$this->long, ...$this->short];
    }

    public function renamed(callable $rename): Node
    {
        $count = \count($this->long);

        return new self(
            array_map($rename, $this->long, array_keys($this->long)),
            array_map(
                static fn (string $name, int $i): string => $rename($name, $count + $i),
                $this->short,
                array_keys($this->short),
            ),
            $this->place(),
            $this->loose,
            $this->level,
        );
    }

    public function repeatsBare(): bool
    {
        return true;
    }
}
