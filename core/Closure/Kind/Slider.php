<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Kind;

use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Closure\ClosureWish;

/**
 * What slides between its narrowest and its widest, and never comes apart.
 *
 * @internal
 */
abstract readonly class Slider implements ClosureKind
{
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

    public function made(ClosureWish $wish): array
    {
        return [];
    }

    public function cautions(): array
    {
        return [];
    }
}
