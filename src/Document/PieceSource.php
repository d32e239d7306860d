<?php

declare(strict_types=1);

namespace Rinkel\App\Document;

use Symfony\Component\DependencyInjection\Attribute\AutoconfigureTag;

/**
 * A kind of file, beside the open format itself, that has pieces in it.
 */
#[AutoconfigureTag]
interface PieceSource
{
    /**
     * Returns whether a text is of this kind, as far as its beginning says.
     */
    public function knows(string $text): bool;

    /**
     * Returns the pieces in it, each as JSON of the open format, which is read and checked as any other.
     *
     * @param string $text of 10 MB at most, from anywhere
     *
     * @return list<string>
     */
    public function pieces(string $text): array;
}
