<?php

declare(strict_types=1);

namespace Rinkel\Core\Cutting;

use Rinkel\Core\Measure\Length;

/**
 * One cord that is to be cut, and the least that would still do, at a bolder risk of running short.
 *
 * @internal
 */
final readonly class Demand
{
    public Length $least;

    /**
     * @param string      $id     by which it is told from others
     * @param Length|null $least  as wished when null, and never more than that
     * @param Cut|null    $cut    which it is one of, and of how many
     * @param string      $piece  it is for
     * @param int         $number of it among those cuts, from 1
     */
    public function __construct(
        public string $id,
        public Length $wished,
        ?Length $least = null,
        public ?Cut $cut = null,
        public string $piece = '',
        public int $number = 1,
    ) {
        $this->least = true === $least?->isShorterThan($wished) ? $least : $wished;
    }
}
