<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece;

/**
 * One thing wrong in a piece document: where, and a sentence that says what is expected and what stood there.
 *
 * The path is dotted: "wearer.wrist".
 */
final readonly class Fault
{
    public function __construct(
        public string $path,
        public string $sentence,
    ) {}
}
