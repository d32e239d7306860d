<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Geometry;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Geometry\LocalFrame;
use Rinkel\Core\Geometry\Point;

final class LocalFrameTest extends TestCase
{
    public function testTurnsAPictureClockwise(): void
    {
        self::assertEqualsWithDelta([0.0, 1.0, -1.0, 0.0], LocalFrame::turned(\M_PI / 2)->matrix(), 1e-12);
        self::assertEqualsWithDelta([1.0, 0.0, 0.0, 1.0], LocalFrame::turned(0.0)->matrix(), 1e-12);
    }

    public function testWhatIsSeenEndOnStillShowsItsThickness(): void
    {
        $aslant = static fn (float $tilt): float => (new LocalFrame(new Point(2, 0), new Point(0, 1), $tilt))->matrix()[0];

        self::assertSame([0.5, 0.18, 0.18], array_map($aslant, [0.5, 0.1, 0.0]), 'whatever its step is long');
    }

    /**
     * An ellipsoid seen from its end is a circle as wide as it is thick.
     */
    public function testSomethingRoundIsSeenAsAnEllipsoid(): void
    {
        $seen = static fn (float $tilt, float $length): float => $length
            * (new LocalFrame(new Point(1, 0), new Point(0, 1), $tilt))->round($length, 4.0)[0];

        self::assertEqualsWithDelta(10.0, $seen(1.0, 10.0), 1e-12, 'across the sight it is as long as it is');
        self::assertEqualsWithDelta(4.0, $seen(0.0, 10.0), 1e-12, 'end on as it is thick');
        self::assertEqualsWithDelta(sqrt(0.36 * 100 + 0.64 * 16), $seen(0.6, 10.0), 1e-9);
        self::assertSame([1.0, 0.0, 0.0, 1.0], (new LocalFrame(new Point(1, 0), new Point(0, 1), 0.3))->round(0.0, 4.0));
    }
}
