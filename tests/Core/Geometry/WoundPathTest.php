<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Geometry;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Geometry\WoundPath;

final class WoundPathTest extends TestCase
{
    /**
     * Seen from the side an ellipse is as high as its own width: its perimeter by S. Ramanujan's second approximation
     * (1914), good to 1e-7 at this shape.
     */
    public function testOneTurnIsAsLongAsAsked(): void
    {
        [$a, $b] = [WoundPath::half(170, 1.3, 0), WoundPath::half(170, 1.3, \M_PI / 2)];
        $h = (($a - $b) / ($a + $b)) ** 2;

        self::assertEqualsWithDelta(170, \M_PI * ($a + $b) * (1 + 3 * $h / (10 + sqrt(4 - 3 * $h))), 1e-3);
        self::assertEqualsWithDelta(1.3, $a / $b, 1e-9);
        $wound = $this->wound(turn: 0);
        $ys = array_map(static fn (int $x): float => $wound->at($x, 0)->y, range(0, 170));
        self::assertEqualsWithDelta($a, max($ys), 0.02, 'no lower than its own width');
        self::assertEqualsWithDelta(-$a, min($ys), 0.02, 'nor higher');
    }

    /**
     * Two looks, a quarter turn apart, tell where a point is in space: steps between them are steps of the arc.
     */
    public function testLengthsAlongItAreArcLengths(): void
    {
        [$above, $aside] = [$this->wound(turn: 0), $this->wound(turn: \M_PI / 2)];
        $length = 0.0;
        for ($x = 20.0; $x < 80; $x += 0.25) {
            $length += hypot(
                $above->at($x + 0.25, 0)->y - $above->at($x, 0)->y,
                $aside->at($x + 0.25, 0)->y - $aside->at($x, 0)->y,
            );
        }

        self::assertEqualsWithDelta(60, $length, 0.03);
    }

    public function testWhatIsUppermostFacesAndTheClosureIsBehind(): void
    {
        $wound = $this->wound(turn: 0);
        self::assertEqualsWithDelta(0, $wound->at(80, 0)->y, 0.01, 'the middle of the body is in the middle');
        self::assertTrue($wound->frame(80)->faces);
        self::assertFalse($wound->frame(165)->faces);
        self::assertGreaterThan(0.99, $wound->frame(80)->tilt);
        self::assertLessThan(0.2, $wound->frame(80 + 170 / 4)->tilt, 'at the edge it is seen end on');
        self::assertTrue($this->wound(turn: \M_PI)->frame(165)->faces, 'turned over, the closure is in front');
        self::assertLessThan(0, $wound->at(90, 0)->y, 'it goes on upwards');
        self::assertLessThan(0, $this->wound(turn: 0.3)->at(80, 0)->y, 'turned, what was in front goes up');
    }

    public function testWrapsLieBesideEachOther(): void
    {
        $wound = new WoundPath(540, 3, 0.0, 7.5, 265, 530, 1.3, 0.0);
        foreach ([250.0, 270.0, 300.0] as $x) {
            self::assertEqualsWithDelta(7.5, $wound->at($x - 180, 0)->x - $wound->at($x, 0)->x, 0.01);
        }
        self::assertEqualsWithDelta(
            $wound->at(0.01, 0)->x,
            $wound->at(539.99, 0)->x,
            0.05,
            'where the ends meet there is no gap',
        );
        $widening = new WoundPath(540, 3, 4.0, 7.5, 265, 530, 1.3, 0.0);
        $high = static fn (int $from): float => max(array_map(
            static fn (int $x): float => $widening->at($x, 0)->y,
            range($from, $from + 175),
        ));
        self::assertGreaterThan($high(0), $high(360), 'the further up the arm, the wider');
    }

    public function testAPictureIsLaidSquareAndUnmirrored(): void
    {
        foreach ([0.0, 0.7, 2.4] as $turn) {
            $wound = $this->wound(turn: $turn);
            foreach (range(0, 160, 7) as $x) {
                [$a, $b, $c, $d] = $wound->frame($x)->matrix();
                // What is behind is seen through the arm, and so the wrong way round.
                $frame = $wound->frame($x);
                self::assertSame(
                    $frame->faces,
                    $a * $d - $b * $c > 0,
                    'letters stay letters on the side that is seen',
                );
                self::assertLessThanOrEqual(1.001, hypot($a, $b));
                self::assertEqualsWithDelta(1, hypot($c, $d), 1e-6);
                [$a, $b] = $wound->frame($x)->round(6, 6);
                self::assertEqualsWithDelta(1, hypot($a, $b), 1e-6, 'a round bead is round from everywhere');
            }
        }
    }

    private function wound(float $turn): WoundPath
    {
        return new WoundPath(170, 1, 0.0, 5.0, 80, 160, 1.3, $turn);
    }
}
