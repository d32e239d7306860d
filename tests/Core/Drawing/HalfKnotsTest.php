<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\HalfKnots;
use Rinkel\Core\Knot\Side;

final class HalfKnotsTest extends TestCase
{
    public function testBothCordsMirrorEachOtherAtTheirCrests(): void
    {
        $halves = new HalfKnots(1.0, 1.7);

        self::assertEqualsWithDelta(
            $halves->crest(0, Side::Left, true)[1],
            -$halves->crest(0, Side::Right, true)[1],
            1e-12,
        );
        self::assertGreaterThan(
            $halves->crest(0, Side::Left, true)[1],
            $halves->crest(0, Side::Left, false)[1],
            'what comes from behind lies further out',
        );
    }

    public function testAfterAnOddNumberOfHalfKnotsACordIsOnTheOtherSide(): void
    {
        $course = (new HalfKnots(1.0, 1.7))->course('left', Side::Left, [Side::Left, Side::Right, Side::Left]);

        $before = $course->points[7]->y;

        self::assertLessThan(0.0, $before * $course->end()->y);
    }
}
