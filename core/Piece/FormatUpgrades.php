<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece;

use Rinkel\Core\Piece\Lift\FromVersion1;
use Rinkel\Core\Piece\Lift\FromVersion2;
use Rinkel\Core\Piece\Lift\FromVersion3;
use Rinkel\Core\Piece\Lift\FromVersion4;
use Rinkel\Core\Piece\Lift\FromVersion5;

/**
 * Brings a document of an older version of the open format up to the present one, a version at a time, so that what was
 * once kept can be read for ever. What is not as its version says it is left for the reader to tell.
 *
 * @internal
 */
final class FormatUpgrades
{
    /**
     * @param array<mixed> $document
     *
     * @return array<mixed>
     */
    public static function upgrade(array $document): array
    {
        $version = $document['version'] ?? null;

        return match ($version) {
            1 => self::upgrade((new FromVersion1())->lift($document)),
            2 => self::upgrade((new FromVersion2())->lift($document)),
            3 => self::upgrade((new FromVersion3())->lift($document)),
            4 => self::upgrade((new FromVersion4())->lift($document)),
            5 => (new FromVersion5())->lift($document),
            default => $document,
        };
    }
}
