<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\End;

use Rinkel\Core\Closure\EndTake;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Step;

/**
 * One end of a piece: how far it reaches from the body when the piece is closed, and what it takes.
 */
interface End
{
    public function reach(): Length;

    /**
     * Returns what it takes of each cord that makes the closure.
     */
    public function take(): EndTake;

    /**
     * Returns what knots of it take of a working cord, both its ends together; null when none.
     */
    public function heads(): ?Length;

    /**
     * @return list<Check>
     */
    public function checks(): array;

    public function step(): Step;

    /**
     * @return list<Finding>
     */
    public function findings(): array;
}
