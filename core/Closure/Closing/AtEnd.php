<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Bench;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\LooseEnds;
use Rinkel\Core\Work\Outlet;

/**
 * What is made at one end of a piece: a loop, a button, ties, findings.
 *
 * @internal
 */
interface AtEnd
{
    /**
     * @return list<Act> in their order
     */
    public function acts(Bench $bench, Outlet $at): array;

    /**
     * Returns what remains to be made safe of the ends that it is made of.
     *
     * @return list<LooseEnds>
     */
    public function loose(Bench $bench, Outlet $at): array;
}
