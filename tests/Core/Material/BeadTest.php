<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Material;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Material\Bead;

final class BeadTest extends TestCase
{
    /**
     * Seed beads by size number: smaller numbers are larger; 11/0 is about 2.2 mm, 6/0 about 4 mm (from memory of trade
     * sizes).
     */
    public function testSeedSizes(): void
    {
        $diameters = array_map(
            static fn (string $size): float => Bead::seed($size)[0]->millimetres ?? 0.0,
            ['15/0', '11/0', '8/0', '6/0'],
        );

        self::assertEqualsWithDelta(2.2, $diameters[1], 0.2);
        self::assertEqualsWithDelta(4.0, $diameters[3], 0.3);
        $sorted = $diameters;
        sort($sorted);
        self::assertSame($sorted, $diameters);
        self::assertNull(Bead::seed('12'));
    }
}
