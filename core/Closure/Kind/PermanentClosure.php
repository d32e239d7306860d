<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Kind;

use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Closure\ClosureWish;

/**
 * What all that is shut for good share: it neither slides nor opens; most of it goes over hand or head as it is.
 *
 * @internal
 */
abstract readonly class PermanentClosure implements ClosureKind
{
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

    public function options(): array
    {
        return [];
    }

    public function made(ClosureWish $wish): array
    {
        return [];
    }

    public function cautions(): array
    {
        return [];
    }
}
