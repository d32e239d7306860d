<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Jobs;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Jobs\JobCancelled;
use Rinkel\App\Jobs\JobProgress;

final class JobProgressTest extends TestCase
{
    public function testItIsToldNowAndThen(): void
    {
        $told = [];
        $progress = new JobProgress(
            static function (int $done, int $total) use (&$told): void {
                $told[] = [$done, $total];
            },
            static fn (): bool => false,
        );
        $progress->of(1000);
        for ($i = 0; $i < 1000; ++$i) {
            $progress->step();
        }
        self::assertSame([0, 1000], $told[0], 'at once');
        self::assertLessThan(100, \count($told), 'not at each step');
        $progress->of(7);
        self::assertSame([0, 7], $told[array_key_last($told)], 'what follows begins anew');
    }

    public function testWhatIsCancelledEnds(): void
    {
        $progress = new JobProgress(static function (int $done, int $total): void {}, static fn (): bool => true);
        self::assertTrue($progress->isCancelled());
        $this->expectException(JobCancelled::class);
        $progress->of(3);
    }
}
