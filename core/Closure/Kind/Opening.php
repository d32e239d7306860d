<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Kind;

use Rinkel\Core\Closure\ClosureKind;

/**
 * What opens fully, and sits as it was made when it is shut.
 */
abstract readonly class Opening implements ClosureKind
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

    public function cautions(): array
    {
        return [];
    }
}
