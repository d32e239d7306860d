<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core;

use Rinkel\Core\Knot\Kind\DrawnKnot;
use Rinkel\Core\Piece\KnotReader;

/**
 * The knot that the example maker drew, and a cord tied full of it.
 */
final class FigureEight
{
    public const WAY = 'k1 k3 k6 n10 o12 k15 g12 h10 m7 o5 k3 g5 i9 k12 k15 k18';

    /** The same cord laid over itself wherever it comes there again: nothing holds it. */
    public const LOOSE = 'over over over over';

    /**
     * @return array<string, mixed>
     */
    public static function document(): array
    {
        $all = self::read('knots.json');
        $first = $all[0] ?? null;
        \assert(\is_array($first));

        return (array) $first['knot']; // @phpstan-ignore return.type (as it is there)
    }

    public static function knot(): DrawnKnot
    {
        return (new KnotReader())->read(self::document());
    }

    /**
     * @return array<string, mixed> a piece that ties it
     */
    public static function piece(): array
    {
        return self::read('pieces/heron.json'); // @phpstan-ignore return.type (as it is there)
    }

    /**
     * @return array<mixed>
     */
    private static function read(string $file): array
    {
        $read = json_decode((string) file_get_contents(\dirname(__DIR__, 2).'/demo/'.$file), true);
        \assert(\is_array($read));

        return $read;
    }
}
