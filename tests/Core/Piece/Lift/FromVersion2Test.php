<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Piece\Lift;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Tests\Core\Examples;

final class FromVersion2Test extends TestCase
{
    public function testAnEvenHandWasNeverSaidAndAFirmOneWas(): void
    {
        self::assertNull((new PieceReader())->read(['version' => 2, 'tension' => 'even'] + Examples::document())->workmanship->tension);
        self::assertSame(
            Tension::Firm,
            (new PieceReader())->read(['version' => 2, 'tension' => 'firm'] + Examples::document())->workmanship->tension,
        );
        self::assertSame(
            Tension::Even,
            (new PieceReader())->read(['tension' => 'even'] + Examples::document())->workmanship->tension,
            'version 3 says what it means',
        );
    }
}
