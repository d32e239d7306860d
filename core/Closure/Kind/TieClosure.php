<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Kind;

use Rinkel\Core\Closure\Closure;
use Rinkel\Core\Closure\ClosureOption;
use Rinkel\Core\Closure\Site;
use Rinkel\Core\Closure\Ties;

/**
 * Two tails tied by hand.
 *
 * @internal
 */
final readonly class TieClosure extends OpeningClosure
{
    public function id(): string
    {
        return 'ties';
    }

    public function options(): array
    {
        return [ClosureOption::Tail, ClosureOption::Tails];
    }

    public function on(Site $site): Closure
    {
        return new Ties($site->wish, $site);
    }
}
