<?php

declare(strict_types=1);

namespace Rinkel\App\Document;

use Rinkel\App\Platform\Files\PlainXml;
use Rinkel\App\Svg\PlainSvg;

/**
 * Finds the piece in a drawing of Rinkel's.
 */
final class Drawn
{
    /**
     * Returns the piece that a drawing says it shows, as JSON; "" for any other, and for what is no plain XML.
     */
    public static function piece(string $svg): string
    {
        if (!PlainXml::is($svg)) {
            return '';
        }
        // Read element by element: a drawing of any size takes no more memory than its text.
        $reader = @\XMLReader::XML($svg, null, \LIBXML_NONET | \LIBXML_NOERROR | \LIBXML_NOWARNING);
        if (!$reader instanceof \XMLReader) {
            return '';
        }
        while (@$reader->read()) {
            if (
                \XMLReader::ELEMENT === $reader->nodeType && 'metadata' === $reader->localName
                && PlainSvg::ABOUT === $reader->getAttribute('id')
            ) {
                return @$reader->readString();
            }
        }

        return '';
    }
}
