<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Kind;

use Rinkel\Core\Closure\BarrelSlider;
use Rinkel\Core\Closure\Closure;
use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\Site;

/**
 * Each tail ends in a barrel knot tied around the other tail.
 *
 * @internal
 */
final readonly class DoubleBarrel extends Slider
{
    public function id(): string
    {
        return 'double-barrel';
    }

    public function options(): array
    {
        return [ClosureOption::Wraps, ClosureOption::Shows, ClosureOption::Tail, ClosureOption::Tails, ClosureOption::Glued];
    }

    public function on(Site $site): Closure
    {
        return BarrelSlider::on($site, true);
    }
}
