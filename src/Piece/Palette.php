<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

/**
 * What a part of the pattern is made of, and what could stand there instead.
 */
final readonly class Palette
{
    /**
     * @param list<string>          $names   beads, findings or cords it names
     * @param list<string>          $colours of them
     * @param array<string, string> $palette what could stand for a name in it, with its colour
     */
    public function __construct(
        public array $names = [],
        public array $colours = [],
        public array $palette = [],
    ) {}
}
