<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Making;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Making\DayStretch;
use Rinkel\Core\Making\Order;

final class OrderTest extends TestCase
{
    public function testItIsProvenWhereNothingCouldBeShorter(): void
    {
        $stretch = static fn (int $from, int $until, int $waits): DayStretch => new DayStretch(
            0,
            0,
            $from,
            $until,
            $waits,
        );
        $order = Order::from([$stretch(0, 30, 90), $stretch(30, 50, 50)], 90);

        self::assertSame([90, 50], [$order->end, $order->hands], 'the last wait ends it');
        self::assertTrue($order->isProven());
        self::assertFalse(Order::from([$stretch(0, 30, 90)], 60)->isProven());
    }
}
