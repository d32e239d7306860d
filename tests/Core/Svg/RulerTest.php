<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Svg;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Svg\Ruler;

final class RulerTest extends TestCase
{
    public function testAStripOfMillimetresHasOneTickForEach(): void
    {
        $svg = (new Ruler(Unit::Centimetre, 0, 100, 0, 6))->paint();

        self::assertSame(101, substr_count($svg, 'M'));
        self::assertStringContainsString('>10</text>', $svg);
        self::assertStringContainsString('>cm</text>', $svg, 'nought is told by the unit');
    }

    public function testInchesAreHalved(): void
    {
        $svg = (new Ruler(Unit::Inch, 0, 101.6, 0, 6))->paint();

        self::assertSame(33, substr_count($svg, 'M'), 'eighths of four inches');
        self::assertStringContainsString('>4</text>', $svg);
    }

    public function testALongStripHasNoRoomForMillimetres(): void
    {
        $svg = (new Ruler(Unit::Centimetre, 0, 1000, 0, 6))->paint();

        self::assertSame(201, substr_count($svg, 'M'));
    }
}
