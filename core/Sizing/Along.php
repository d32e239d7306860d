<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

use Rinkel\Core\Piece\Wish;

/**
 * What sizes of a design differ in.
 */
interface Along
{
    /**
     * Returns the design in each size, in the order in which they were said.
     *
     * @return list<Size>
     */
    public function sizes(Wish $design): array;
}
