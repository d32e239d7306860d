<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\StopKnot;

final class StopKnotTest extends TestCase
{
    public function testItIsATrefoilWithItsEndsOpen(): void
    {
        $course = StopKnot::course('a');
        $changes = 0;
        foreach ($course->levels as $i => $level) {
            $changes += $i > 0 && $level !== $course->levels[$i - 1] ? 1 : 0;
        }

        self::assertSame(5, $changes, 'six passages, over and under by turns');
        self::assertEqualsWithDelta(2.0, StopKnot::course('a', 2.0)->length() / $course->length(), 1e-9);
        self::assertGreaterThan(0.0, StopKnot::motif('a')->length);
    }
}
