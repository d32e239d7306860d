<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Kind;

use Rinkel\Core\Closure\BarrelSlider;
use Rinkel\Core\Closure\Closure;
use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\Site;

/**
 * One tail ends in a barrel knot around the other, which ends in a stop.
 *
 * @internal
 */
final readonly class SingleBarrel extends Slider
{
    public function id(): string
    {
        return 'single-barrel';
    }

    public function options(): array
    {
        return [ClosureOption::Wraps, ClosureOption::Short, ClosureOption::Shows, ClosureOption::Tail, ClosureOption::Tails, ClosureOption::Glued];
    }

    public function on(Site $site): Closure
    {
        return BarrelSlider::on($site, false);
    }
}
