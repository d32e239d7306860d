<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Svg;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Svg\LessonDrawing;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Lesson\Lessons;

final class LessonDrawingTest extends TestCase
{
    public function testEachFrameShowsOneMoreMove(): void
    {
        $lesson = Lessons::all()->named('square', Side::Left);
        self::assertNotNull($lesson);
        $drawing = new LessonDrawing(
            $lesson,
            ['working' => '#225566', 'core' => '#ddccbb', 'other' => '#aa5533'],
            ['left' => 'L', 'right' => 'R'],
        );

        $frames = array_map(static fn (int $frame): string => $drawing->frame($frame, 'Frame'), range(0, 2));
        self::assertSame($frames, array_unique($frames));
        foreach ($frames as $frame) {
            self::assertNotFalse(simplexml_load_string($frame));
        }
    }

    public function testACoreLikeTheCordAroundItIsPaler(): void
    {
        $lesson = Lessons::all()->named('square', Side::Left);
        self::assertNotNull($lesson);
        $svg = (new LessonDrawing(
            $lesson,
            ['working' => '#225566', 'core' => '#225566', 'other' => '#aa5533'],
            [],
        ))->frame(1, 'Frame');
        preg_match_all('/color="(#[0-9a-f]{6})"/', $svg, $found);

        self::assertGreaterThan(1, \count(array_unique($found[1])));
    }
}
