<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Sizing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Sizing\Size;
use Rinkel\Core\Sizing\Stones;
use Rinkel\Tests\Core\Examples;

final class StonesTest extends TestCase
{
    public function testTheNetGrowsWithItsStone(): void
    {
        $wish = (new PieceReader())->read(Examples::bare('netted-pouch'));
        $piece = Examples::planOf('netted-pouch')->draft->piece;
        $sizes = Stones::usual($piece)->sizes($wish);
        $rows = static fn (Size $size): int => (int) preg_replace(
            '/^.*net (\d+) .*$/s',
            '$1',
            (string) $size->wish->pattern?->tree,
        );

        self::assertCount(4, $sizes);
        self::assertGreaterThan($rows($sizes[0]), $rows($sizes[3]));
        self::assertTrue(Stones::areIn($piece->findings));
        self::assertFalse(Stones::areIn(Examples::plan()->draft->piece->findings));
    }
}
