<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Stock;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Stock\StockRow;
use Rinkel\App\Stock\StoredItem;
use Rinkel\App\Stock\TableChange;
use Rinkel\Core\Message;
use Rinkel\Core\Piece\Fault;
use Rinkel\Core\Stock\Kind;

final class TableChangeTest extends TestCase
{
    public function testALineIsBadOrNewOrChangedOrTheSame(): void
    {
        $there = new StockRow(new StoredItem(Kind::Bead, [], 'x'), null);
        $fault = [new Fault('count', new Message('text-wanted'))];
        $differs = ['count' => ['3', '4']];

        self::assertSame('bad', (new TableChange(2, Kind::Bead, [], $there, $differs, $fault))->standing());
        self::assertSame('bad', (new TableChange(2, Kind::Bead, [], null, [], $fault))->standing());
        self::assertSame('new', (new TableChange(2, Kind::Bead, [], null, $differs))->standing());
        self::assertSame('changed', (new TableChange(2, Kind::Bead, [], $there, $differs))->standing());
        self::assertSame('same', (new TableChange(2, Kind::Bead, [], $there, []))->standing());
    }
}
