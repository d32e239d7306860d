<?php

declare(strict_types=1);

namespace Rinkel\App\Price;

use Rinkel\App\Piece\StoredPiece;

/**
 * How long pieces took in fact.
 */
interface TimesTaken
{
    /**
     * Returns the minutes that making a piece took its maker, the median of all times it was made; null where nobody
     * wrote any down.
     */
    public function minutesOf(StoredPiece $piece): ?float;
}
