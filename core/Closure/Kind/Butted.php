<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Kind;

use Rinkel\Core\Closure\ClosedRing;
use Rinkel\Core\Closure\Closing\GluedEnds;
use Rinkel\Core\Closure\Closure;
use Rinkel\Core\Closure\Site;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Work\Habits;

/**
 * Ends butted and glued.
 *
 * @internal
 */
final readonly class Butted extends PermanentClosure
{
    public function id(): string
    {
        return 'butted';
    }

    public function on(Site $site): Closure
    {
        return new ClosedRing(
            $site->wish,
            $site->ends->cord,
            new GluedEnds(null, Length::ofMillimetres(Habits::GLUED)),
        );
    }
}
