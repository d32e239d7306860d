<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

/**
 * A charm, a pendant or a bead that hangs from the piece and takes no length of it: "hang leaf".
 *
 * @internal
 */
final readonly class Hang extends Middle
{
    public function word(): string
    {
        return 'hang';
    }

    public function isPlaced(): bool
    {
        return true;
    }
}
