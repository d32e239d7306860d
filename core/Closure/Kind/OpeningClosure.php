<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Kind;

use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Closure\ClosureWish;

/**
 * What opens fully, and sits as it was made when it is shut.
 *
 * @internal
 */
abstract readonly class OpeningClosure implements ClosureKind
{
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

    public function made(ClosureWish $wish): array
    {
        return [];
    }

    public function cautions(): array
    {
        return [];
    }
}
