<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Place;

/**
 * Beads strung together before the next knot: "bundle amber sky", or with "/" on the long and the short end.
 */
final readonly class Bundle implements Node
{
    /**
     * @param non-empty-list<string> $long  beads on the long or only end
     * @param list<string>           $short beads on the short end
     */
    public function __construct(
        public array $long,
        public array $short = [],
        private ?Place $place = null,
    ) {}

    public function place(): ?Place
    {
        return $this->place;
    }
}
