<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Geometry\Point;

final class CourseTest extends TestCase
{
    public function testOneBesideAnotherKeepsItsDistance(): void
    {
        $course = Course::of('a', [new Point(0, 0), new Point(10, 0), new Point(20, 0)], [1, 1]);
        $beside = $course->beside('b', 2.0);

        self::assertSame('b', $beside->name);
        foreach ($beside->points as $i => $point) {
            self::assertEqualsWithDelta(2.0, $point->distanceTo($course->points[$i]), 1e-9);
        }
        self::assertEqualsWithDelta(20.0, $course->length(), 1e-9);
    }

    public function testItGoesThroughItsStations(): void
    {
        $course = Course::through('a', [[0, 0, 1], [5, 5, -1], [10, 0, 1]]);

        self::assertEquals(new Point(0, 0), $course->points[0]);
        self::assertEqualsWithDelta(10.0, $course->end()->x, 1e-9);
        self::assertCount(\count($course->points) - 1, $course->levels);
        self::assertSame([1, -1], array_values(array_unique($course->levels)));
    }

    public function testItsStretchesAddUp(): void
    {
        $spans = Course::through('a', [[0, 0, 1], [5, 5, -1], [10, 0, 1]])->spans();

        self::assertEqualsWithDelta(0.0, $spans[0][0], 1e-9);
        self::assertGreaterThan(1, \count($spans), 'a stretch at each level');
        for ($i = 1; $i < \count($spans); ++$i) {
            self::assertLessThanOrEqual($spans[$i][1], $spans[$i][0]);
        }
    }
}
