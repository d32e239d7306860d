<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Kind;

use Rinkel\Core\Closure\Closure;
use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Closure\Site;
use Rinkel\Core\Closure\Ties;
use Rinkel\Core\Closure\Wished;

/**
 * Two tails tied by hand.
 */
final readonly class Tying implements ClosureKind
{
    public function id(): string
    {
        return 'ties';
    }

    public function slides(): bool
    {
        return false;
    }

    public function opensFully(): bool
    {
        return true;
    }

    public function passesShut(): bool
    {
        return false;
    }

    public function asks(): array
    {
        return [Wished::Tail];
    }

    public function cautions(): array
    {
        return [];
    }

    public function on(Site $site): Closure
    {
        return new Ties($site->wish);
    }
}
