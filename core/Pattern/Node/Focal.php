<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

/**
 * The piece in the middle: "focal leaf". Each half of a band begins at it.
 *
 * @internal
 */
final readonly class Focal extends Middle
{
    public function word(): string
    {
        return 'focal';
    }

    public function named(): Named
    {
        return Named::BeadOrFinding;
    }

    public function isPlaced(): bool
    {
        return true;
    }

    public function isPointed(): bool
    {
        return true;
    }
}
