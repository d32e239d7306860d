<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Kind;

use Rinkel\Core\Closure\BarrelSlider;
use Rinkel\Core\Closure\Closure;
use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Closure\Site;
use Rinkel\Core\Closure\Wished;

/**
 * One tail ends in a barrel knot around the other, which ends in a stop.
 */
final readonly class SingleBarrel implements ClosureKind
{
    public function id(): string
    {
        return 'single-barrel';
    }

    public function slides(): bool
    {
        return true;
    }

    public function opensFully(): bool
    {
        return false;
    }

    public function passesShut(): bool
    {
        return false;
    }

    public function asks(): array
    {
        return [Wished::Wraps, Wished::Tail, Wished::Glued];
    }

    public function cautions(): array
    {
        return [];
    }

    public function on(Site $site): Closure
    {
        return BarrelSlider::on($site, false);
    }
}
