<?php

declare(strict_types=1);

namespace Rinkel\App\Document;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/**
 * A kind of file, beside the open format itself, that has a piece in it.
 */
#[AutoconfigureTag]
interface PieceSource
{
    /**
     * Returns whether a text is of this kind, as far as its beginning says.
     */
    public function knows(string $text): bool;

    /**
     * Returns the piece in it as JSON of the open format, which is read and checked as any other; "" if there is none.
     *
     * @param string $text of 10 MB at most, from anywhere
     */
    public function json(string $text): string;
}
