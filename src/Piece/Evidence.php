<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

/**
 * What plans rest on besides the piece: what is known of the maker's hand.
 */
interface Evidence
{
    /**
     * Returns by what it is told from what it was before.
     */
    public function evidence(): string;
}
