<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Tight;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Tight\Hardness;
use Rinkel\Core\Tight\TightCase;

final class TightCaseTest extends TestCase
{
    public function testACoreIsAsHardAsTheCordUnlessItIsSaid(): void
    {
        self::assertSame(Hardness::Soft, TightCase::of('square', hardness: Hardness::Soft)->core);
        self::assertSame(Hardness::Hard, TightCase::of('square', hardness: Hardness::Soft, core: Hardness::Hard)->core);
        self::assertSame(
            Hardness::Soft,
            TightCase::of('overhand', hardness: Hardness::Soft, core: Hardness::Hard)->core,
            'there is nothing inside',
        );
    }

    public function testAnUnknownKnotIsRefused(): void
    {
        $this->expectException(\InvalidArgumentException::class);
        TightCase::of('no-knot');
    }

    public function testAnythingPushedElevenTimesAsHardIsRefused(): void
    {
        self::assertSame(10.0, TightCase::of('square', push: 10.0)->push);
        $this->expectException(\InvalidArgumentException::class);
        TightCase::of('square', push: 10.1);
    }
}
