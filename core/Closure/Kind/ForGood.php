<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Kind;

use Rinkel\Core\Closure\Closure;
use Rinkel\Core\Closure\KnottedForGood;
use Rinkel\Core\Closure\Site;

/**
 * Both ends in one overhand, for good: the piece goes over the head as it is.
 *
 * @internal
 */
final readonly class ForGood extends PermanentClosure
{
    public function id(): string
    {
        return 'for-good';
    }

    public function on(Site $site): Closure
    {
        return new KnottedForGood($site);
    }
}
