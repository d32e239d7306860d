<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Kind;

use Rinkel\Core\Closure\ClosedRing;
use Rinkel\Core\Closure\Closure;
use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Closure\Site;

/**
 * Ends butted and glued.
 */
final readonly class Butted implements ClosureKind
{
    public function id(): string
    {
        return 'butted';
    }

    public function slides(): bool
    {
        return false;
    }

    public function opensFully(): bool
    {
        return false;
    }

    public function passesShut(): bool
    {
        return true;
    }

    public function asks(): array
    {
        return [];
    }

    public function cautions(): array
    {
        return [];
    }

    public function on(Site $site): Closure
    {
        return new ClosedRing($site->wish, $site->ends->cord);
    }
}
