<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Lesson;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Lesson\Lessons;

final class LessonTest extends TestCase
{
    public function testACordGrowsFrameByFrame(): void
    {
        $lesson = Lessons::all()->named('square', Side::Left) ?? self::fail();
        $length = static fn (int $frame): float => $lesson->courses($frame)['left']->length();

        self::assertLessThan($length(2), $length(0));
        self::assertLessThan($length(4), $length(2));
    }

    public function testMirroredTwiceItIsTheSame(): void
    {
        $lesson = Lessons::all()->named('barrel', Side::Left) ?? self::fail();

        self::assertEquals($lesson, $lesson->mirrored()->mirrored());
        self::assertSame(Side::Right, $lesson->mirrored()->side);
    }
}
