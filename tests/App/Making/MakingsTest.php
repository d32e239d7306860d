<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Making;

use Rinkel\App\Making\Makings;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Orders\Orders;
use Rinkel\Tests\App\WebCase;

final class MakingsTest extends WebCase
{
    /**
     * A making is for whom its piece is, or whom it says itself, or its order; whatever their name is written with.
     */
    public function testMakingsAreFoundByWhomTheyAreFor(): void
    {
        $makings = self::getContainer()->get(Makings::class);
        $zoe = 'Zoë "Zed" \\ Ö';
        $order = self::getContainer()->get(Orders::class)->ask(['for' => $zoe, 'name' => 'Market']);
        $own = $makings->plan($this->lay(['name' => 'Reed', 'for' => 'Ada']));
        $others = $makings->plan($this->lay(['name' => 'Rush', 'for' => 'Ada']), null, ['for' => $zoe]);
        $asked = $makings->plan($this->lay(['name' => 'Sedge']), $order);
        array_map($makings->keep(...), [$own, $others, $asked]);

        $ids = array_map(
            static fn (array $some): array => array_map(static fn (StoredMaking $one): int => $one->id(), $some),
            $makings->byWhom([$zoe, 'Ada', 'Nobody']),
        );
        self::assertSame([$asked->id(), $others->id()], $ids[$zoe] ?? null);
        self::assertSame([$others->id(), $own->id()], $ids['Ada'] ?? null);
        self::assertCount(1, $makings->byWhom([$zoe], 1)[$zoe] ?? [], 'the last');
        self::assertArrayNotHasKey('Ada', $makings->byWhom([$zoe]), 'who is not asked for');
        self::assertSame([$order->id() => [$asked]], $makings->byOrder([$order]));
    }

    public function testWhatAnEntryOfTheLogWasIsFound(): void
    {
        $makings = self::getContainer()->get(Makings::class);
        $making = $makings->plan($this->lay(['name' => 'Reed']));
        $makings->keep($making);
        $uid = str_repeat('a', 32);
        $makings->made($making, $uid, []);

        self::assertSame([$uid => $making], $makings->byLog([$uid, str_repeat('b', 32)]));
        self::assertSame([], $makings->byLog([]));
    }
}
