<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

use Rinkel\Core\Piece\PieceSpec;

/**
 * What sizes of a design differ in.
 *
 * @internal
 */
interface SizeAxis
{
    /**
     * Returns the design in each size, in the order in which they were said.
     *
     * @return list<Size>
     */
    public function sizes(PieceSpec $design): array;
}
