<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Measure\Length;

/**
 * How far what closes a piece reaches: its tails, its stops, and what shows of a slider when it is worn.
 *
 * @internal
 */
final readonly class ReachWish
{
    /**
     * @param Length|null $tail  from the body's end to its stop, or past the knot of ties
     * @param Tails|null  $tails plain ones of the core when null
     * @param Length|null $short from the body to a single sliding barrel; as near as it can be tied when null
     * @param Shows|null  $shows of a slider when worn; null is a body that shuts to the skin
     */
    public function __construct(
        public ?Length $tail = null,
        public ?Tails $tails = null,
        public ?Length $short = null,
        public ?Shows $shows = null,
    ) {}
}
