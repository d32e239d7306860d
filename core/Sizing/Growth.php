<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

use Rinkel\Core\Piece\PieceSpec;

/**
 * How a design is made larger, step by step.
 *
 * @internal
 */
interface Growth
{
    /**
     * @return array{int, int} the smallest and the largest step there is
     */
    public function range(): array;

    public function at(int $step): PieceSpec;
}
