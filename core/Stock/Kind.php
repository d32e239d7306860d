<?php

declare(strict_types=1);

namespace Rinkel\Core\Stock;

/**
 * What a stock box holds.
 */
enum Kind: string
{
    case Cord = 'cord';
    case Bead = 'bead';
    case Finding = 'finding';
    case Glue = 'glue';

    /**
     * Returns under which name all of a kind stand in the open format.
     */
    public function all(): string
    {
        return $this->value.'s';
    }
}
