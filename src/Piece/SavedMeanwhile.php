<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

/**
 * A page wants to change a piece that was saved from elsewhere since it was shown.
 */
final class SavedMeanwhile extends \RuntimeException
{
    public static function than(int $version): self
    {
        return new self(\sprintf('The piece was saved meanwhile; the page knows version %d.', $version));
    }
}
