<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Pattern\Node;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Node\Net;

final class NetTest extends TestCase
{
    public function testSaysItsRowsAndHowFarApart(): void
    {
        $net = new Net(5, Length::ofMillimetres(25.4));

        self::assertSame('net 5 every 25.4 mm', (string) $net);
        self::assertSame('net 5 every 1 in', $net->said(Unit::Inch));
        self::assertNull($net->freed());
    }

    public function testIsCountedWithinItsBounds(): void
    {
        $net = new Net(5, Length::ofMillimetres(12));

        self::assertSame(
            [1, 6, Net::MOST_ROWS],
            array_map(static fn (int $count): int => $net->times($count)->count(), [0, 6, Net::MOST_ROWS + 1]),
        );
        self::assertSame('net 6 every 12 mm', (string) $net->times(6));
    }
}
