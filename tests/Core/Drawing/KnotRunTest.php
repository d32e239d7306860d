<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Around;
use Rinkel\Core\Drawing\KnotRun;
use Rinkel\Tests\Core\Examples;

final class KnotRunTest extends TestCase
{
    public function testKnotsOfOneSizeAroundTheSameHaveOnePicture(): void
    {
        $draft = Examples::plan()->draft;
        $run = static fn (float $half): KnotRun => new KnotRun(
            $draft->setting->elements[0],
            4,
            0.0,
            0.0,
            $draft->piece->cord('working')->cord,
            'working',
            new Around($half),
        );

        self::assertSame($run(1.0)->alike(), $run(1.0)->alike());
        self::assertNotSame($run(1.0)->alike(), $run(1.5)->alike());
        self::assertEqualsWithDelta(
            $draft->setting->elements[0]->extent->length->millimetres,
            $run(1.0)->length() * $run(1.0)->unit(),
            1e-9,
        );
    }
}
