<?php

declare(strict_types=1);

namespace Rinkel\App\Platform\Files;

/**
 * Tells XML that says only what stands in it from such that makes a reader work: no DOCTYPE, so no entities, and UTF-8,
 * so that nothing hides from this look.
 */
final class PlainXml
{
    public static function is(string $xml): bool
    {
        return !str_contains($xml, "\0") && false === stripos($xml, '<!DOCTYPE') && false === stripos($xml, '<!ENTITY')
            && 1 !== preg_match(
                '/^\s*<\?xml[^>]*encoding\s*=\s*["\'](?!utf-8|us-ascii|iso-8859-1|windows-1252)/i',
                $xml,
            )
            && 1 !== preg_match('/^(?:\xfe\xff|\xff\xfe)/', $xml);
    }
}
