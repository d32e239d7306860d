<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Drawing\Sides;
use Rinkel\Core\Geometry\LocalFrame;
use Rinkel\Core\Geometry\Path;
use Rinkel\Core\Geometry\Point;
use Rinkel\Tests\Core\Examples;

final class SidesTest extends TestCase
{
    public function testWhatFacesAwayIsBehind(): void
    {
        $scene = (new Layout(Examples::planOf('strung-beads')))->flat();
        $way = new class implements Path {
            public function at(float $x, float $y): Point
            {
                return new Point($x, $y);
            }

            public function frame(float $x): LocalFrame
            {
                $frame = LocalFrame::turned(0.0);

                return new LocalFrame($frame->along, $frame->beside, $frame->tilt, $x < 80);
            }
        };
        $sides = new Sides($scene, $way);

        self::assertSame(\count($scene->beads), \count($sides->front->beads) + \count($sides->back->beads));
        foreach ($sides->front->beads as $bead) {
            self::assertLessThan(80.0, ($bead->x + $bead->end()) / 2);
        }
        self::assertNotSame([], $sides->front->cords);
        self::assertNotSame([], $sides->back->cords);
    }
}
