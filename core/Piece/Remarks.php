<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece;

/**
 * What a maker wrote about a piece that they finished.
 *
 * @internal
 */
final readonly class Remarks
{
    public function __construct(
        public string $notes,
        public string $otherwise,
    ) {}
}
