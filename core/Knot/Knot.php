<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot;

use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Cord;

/**
 * A knot that working cords tie around a core.
 */
interface Knot
{
    /**
     * Returns one knot of $working around $core by a maker of this $hand. Expect ±10 % between makers.
     */
    public function tied(Bundle $core, Cord $working, Hand $hand): Tied;
}
