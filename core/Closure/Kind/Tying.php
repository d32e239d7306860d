<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Kind;

use Rinkel\Core\Closure\Closure;
use Rinkel\Core\Closure\Site;
use Rinkel\Core\Closure\Ties;
use Rinkel\Core\Closure\Wished;

/**
 * Two tails tied by hand.
 */
final readonly class Tying extends Opening
{
    public function id(): string
    {
        return 'ties';
    }

    public function asks(): array
    {
        return [Wished::Tail, Wished::Tails];
    }

    public function on(Site $site): Closure
    {
        return new Ties($site->wish, $site);
    }
}
