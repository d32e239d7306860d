<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Place;

/**
 * A word of letter beads: word "MILA" of cube between dot.
 */
final readonly class Word implements Node
{
    /**
     * @param string      $text    at most 40 letters
     * @param string      $bead    the bead that carries a letter
     * @param string|null $between a bead between each two letters
     */
    public function __construct(
        public string $text,
        public string $bead,
        public ?string $between = null,
        private ?Place $place = null,
    ) {}

    public function place(): ?Place
    {
        return $this->place;
    }
}
