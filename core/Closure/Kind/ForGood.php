<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Kind;

use Rinkel\Core\Closure\Closure;
use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Closure\KnottedForGood;
use Rinkel\Core\Closure\Site;

/**
 * Both ends in one overhand, for good: the piece goes over the head as it is.
 */
final readonly class ForGood implements ClosureKind
{
    public function id(): string
    {
        return 'for-good';
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
        return new KnottedForGood($site);
    }
}
