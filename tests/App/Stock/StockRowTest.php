<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Stock;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Stock\StockRow;
use Rinkel\App\Stock\StoredItem;
use Rinkel\Core\Material\Hue;
use Rinkel\Core\Piece\StockReader;
use Rinkel\Core\Stock\Kind;

final class StockRowTest extends TestCase
{
    public function testAThingIsFoundByAllWordsThatAreSaidOfIt(): void
    {
        $item = self::bead(['name' => 'Lagoon', 'colour' => '#1d4f91', 'place' => 'Left Drawer']);

        self::assertTrue(StockRow::isSaid($item, 'lagoon  DRAWER'));
        self::assertTrue(StockRow::isSaid($item, ''), 'nothing is asked');
        self::assertFalse(StockRow::isSaid($item, 'lagoon right'));
    }

    public function testAThingIsOfItsHue(): void
    {
        $item = self::bead(['colour' => '#1d4f91']);

        self::assertTrue(StockRow::isOf($item, Hue::from('blue')));
        self::assertFalse(StockRow::isOf($item, Hue::from('red')));
        self::assertFalse(StockRow::isOf($item, null));
        self::assertFalse(StockRow::isOf(self::bead(['colour' => 'no colour']), Hue::from('blue')));
        self::assertFalse(StockRow::isOf(self::bead([]), Hue::from('blue')));
    }

    /**
     * Offcuts lie on one tape, as long as the longest of them and at least a metre; spools don't.
     */
    public function testTheTapeIsAsLongAsTheLongestOffcut(): void
    {
        $row = static fn (string $offcut): StockRow => new StockRow(
            self::bead([]),
            (new StockReader())->cord([
                'fibre' => 'nylon', 'thickness' => '1 mm', 'colour' => '#112233', 'offcuts' => [$offcut],
                'spools' => ['50 m'],
            ], 'c'),
        );

        self::assertSame(1000.0, StockRow::tape([]));
        self::assertSame(1000.0, StockRow::tape([$row('40 cm')]));
        self::assertSame(2300.0, StockRow::tape([$row('40 cm'), $row('230 cm'), new StockRow(self::bead([]), null)]));
    }

    /**
     * @param array<string, mixed> $document
     */
    private static function bead(array $document): StoredItem
    {
        return new StoredItem(Kind::Bead, $document, 'x');
    }
}
