<?php

declare(strict_types=1);

namespace Rinkel\Core\Practice;

use Random\Randomizer;
use Rinkel\Core\Knot\Side;

/**
 * Something a maker's eye and hand have to know, asked in ever other ways.
 *
 * @internal
 */
interface Exercise
{
    public function id(): string;

    /**
     * Returns one question, the same for the same numbers.
     *
     * @param Side $side with which this maker begins
     */
    public function ask(Randomizer $chance, Side $side): Question;
}
