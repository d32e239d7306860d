<?php

declare(strict_types=1);

namespace Rinkel\Core\Plan;

use Rinkel\Core\Construction\SquareKnotBand;
use Rinkel\Core\Piece\Piece;

/**
 * Turns a piece into its plan. The same piece gives the same plan, to the last digit.
 */
final readonly class Planner
{
    public function plan(Piece $piece): Plan
    {
        return (new SquareKnotBand($piece))->plan();
    }
}
