<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Measure;

use PHPUnit\Framework\Attributes\TestWith;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Exception\WaitUnread;
use Rinkel\Core\Measure\Wait;

final class WaitTest extends TestCase
{
    #[TestWith(['24 h', 1440, '24 h'])]
    #[TestWith(['90 min', 90, '90 min'])]
    #[TestWith(['90', 90, '90 min'])]
    #[TestWith(['1.5 h', 90, '90 min'])]
    #[TestWith(['1,5 Hours', 90, '90 min'])]
    #[TestWith(['2 days', 2880, '48 h'])]
    #[TestWith(['7d', 10_080, '168 h'])]
    #[TestWith(['1 week', 10_080, '168 h'])]
    #[TestWith(['24 uur', 1440, '24 h'])]
    #[TestWith(['2 dagen', 2880, '48 h'])]
    #[TestWith(['90 min.', 90, '90 min'])]
    public function testIsReadInMinutesHoursAndDays(string $text, int $minutes, string $written): void
    {
        self::assertSame([$minutes, $written], [Wait::parse($text)->minutes, (string) Wait::parse($text)]);
    }

    #[TestWith([''])]
    #[TestWith(['0 min'])]
    #[TestWith(['8 days'])]
    #[TestWith(['overnight'])]
    #[TestWith(['3 weeks'])]
    #[TestWith(['3 moons'])]
    #[TestWith(['3 dozen'])]
    #[TestWith(['-1 h'])]
    public function testWhatItIsNotIsSaid(string $text): void
    {
        $this->expectException(WaitUnread::class);
        self::assertSame(0, Wait::parse($text)->minutes);
    }

    public function testIsHeldToItsRange(): void
    {
        self::assertSame([1, 30, 10_080], array_map(static fn (int $minutes): int => Wait::ofMinutes($minutes)->minutes, [0, 30, 99_999]));
    }
}
