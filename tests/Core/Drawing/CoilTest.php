<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Coil;

final class CoilTest extends TestCase
{
    public function testItIsAsLongAsItsTurns(): void
    {
        $coil = new Coil(3, 1.2, 1.5, 0.35);

        self::assertEqualsWithDelta(3.6, $coil->length(), 1e-9);
        $course = $coil->course('first');
        self::assertLessThan($coil->turned($course, 2), $coil->turned($course, 1), 'along the cord, turn by turn');
        self::assertGreaterThan((new Coil(2, 1.2, 1.5, 0.35))->course('first')->length(), $course->length());
    }
}
