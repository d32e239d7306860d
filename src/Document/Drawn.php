<?php

declare(strict_types=1);

namespace Rinkel\App\Document;

use Rinkel\App\Platform\Files\PlainXml;
use Rinkel\Core\Svg\PlainSvg;

/**
 * Finds the piece in a drawing of Rinkel's.
 */
final class Drawn implements PieceSource
{
    public function knows(string $text): bool
    {
        return str_starts_with(ltrim($text), '<');
    }

    /**
     * Returns the piece that a drawing says it shows; none for any other, and for what is no plain XML.
     */
    public function pieces(string $text): array
    {
        if (!PlainXml::is($text)) {
            return [];
        }
        // Read element by element: a drawing of any size takes no more memory than its text.
        $reader = @\XMLReader::XML($text, null, \LIBXML_NONET | \LIBXML_NOERROR | \LIBXML_NOWARNING);
        if (!$reader instanceof \XMLReader) {
            return [];
        }
        while (@$reader->read()) {
            if (
                \XMLReader::ELEMENT === $reader->nodeType && 'metadata' === $reader->localName
                && PlainSvg::ABOUT === $reader->getAttribute('id')
            ) {
                return [@$reader->readString()];
            }
        }

        return [];
    }
}
