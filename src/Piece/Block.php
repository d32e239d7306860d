<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Rinkel\Core\Pattern\Node;

/**
 * One part of a pattern as the page shows it.
 */
final readonly class Block
{
    /**
     * @param string                $path    in the pattern
     * @param string                $place   "line:column" in its text, as the drawing names it
     * @param string                $text    the part in the notation; of a group only how often
     * @param list<string>          $names   beads, findings or cords it names
     * @param list<string>          $colours of them
     * @param list<self>            $parts   inside it
     * @param int|null              $fitted  how often a fit came to stand
     * @param array<string, string> $palette what could stand for a name in it, with its colour
     */
    public function __construct(
        public string $path,
        public string $place,
        public string $kind,
        public string $text,
        public Node $node,
        public array $names = [],
        public array $colours = [],
        public array $parts = [],
        public ?int $fitted = null,
        public bool $isFit = false,
        public bool $alternates = false,
        public int $count = 1,
        public array $palette = [],
    ) {}
}
