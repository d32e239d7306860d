<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Sizing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Sizing\GrowingRows;
use Rinkel\Tests\Core\Examples;

final class GrowingRowsTest extends TestCase
{
    public function testANetGrowsByRowsAWaveBySteps(): void
    {
        $piece = Examples::planOf('netted-pouch')->draft->piece;
        $growth = GrowingRows::of(
            (new PieceReader())->read(Examples::bare('netted-pouch')),
            Pattern::parse('net 5 every 12 mm', Unit::Millimetre),
        );

        self::assertSame(5, $growth?->now);
        self::assertSame('net 8 every 12 mm', (string) $growth->at(8)->pattern?->tree);
        self::assertSame(1, $growth->range()[0]);
        self::assertNull(GrowingRows::of(Examples::piece(), Pattern::parse('2 square', Unit::Millimetre)));
        self::assertNotSame([], $piece->cords);
    }
}
