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
     * @param string     $path  in the pattern
     * @param string     $place "line:column" in its text, as the drawing names it
     * @param string     $text  the part in the notation; of a group only how often
     * @param list<self> $parts inside it
     */
    public function __construct(
        public string $path,
        public string $place,
        public string $kind,
        public string $text,
        public Node $node,
        public array $parts = [],
        public Repeat $often = new Repeat(),
        public Palette $named = new Palette(),
    ) {}
}
