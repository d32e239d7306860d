<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Hand;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Hand\OwnSample;
use Rinkel\Core\Hand\Work\Pulled;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;

final class OwnSampleTest extends TestCase
{
    public function testWhatWasUsedIsWhatAnEndLost(): void
    {
        self::assertSame(300.0, self::pulled(500, 200)->used()?->millimetres);
        self::assertNull(self::pulled(200, 500)->used(), 'an end does not grow');
        self::assertNull(self::pulled(200, 200)->used());
        self::assertNull(self::pulled(null, 200)->used());
        self::assertNull(self::pulled(200, null)->used());
    }

    public function testAPulledCordGaveByWhatItIsLonger(): void
    {
        self::assertEqualsWithDelta(0.4, self::pulled(100, 140)->stretch()->share ?? 0.0, 1e-12);
        self::assertNull(self::pulled(null, 140)->stretch());
    }

    private static function pulled(?float $before, ?float $after): OwnSample
    {
        $length = static fn (?float $mm): ?Length => null === $mm ? null : Length::ofMillimetres($mm);

        return new OwnSample(
            new Pulled(new Cord(Fibre::ElasticBraid, Length::ofMillimetres(0.8), Colour::parse('#aabbcc'))),
            1,
            null,
            $length($before),
            $length($after),
        );
    }
}
