<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Knot\Interlace;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;

final class InterlaceTest extends TestCase
{
    /**
     * The way through the knot is longer than straight on, and not longer than around a circle as wide as the knot with
     * both its legs.
     */
    public function testTheLoopsOfARopeKnotAreAsLongAsTheirCurve(): void
    {
        $length = Interlace::length();
        self::assertGreaterThan(2 * 2.25, $length);
        self::assertLessThan(\M_PI * 3.2 + 2 * 2.25, $length);
        $one = (new Interlace())->tied(self::cord(9), 1);
        $two = (new Interlace())->tied(self::cord(9), 2);

        self::assertEqualsWithDelta(
            9 * $length + 18,
            $one->use->millimetres,
            1e-9,
            'and a quarter of a rope at eight crossings',
        );
        self::assertEqualsWithDelta(
            2 * $one->pitch->millimetres,
            $two->pitch->millimetres,
            1e-9,
            'two ropes make it twice as large',
        );
        self::assertTrue($one->thickness->equals($two->thickness), 'but no thicker');
    }

    /**
     * The crossings of the drawn curve with its mirror image, found by cutting their pieces: two ropes lie on each
     * other as far as half a width beyond the outermost, and not at the knot's edges.
     */
    public function testItIsThickOnlyWhereRopesCross(): void
    {
        $way = Interlace::way();
        $outermost = 0.0;
        foreach (array_keys(\array_slice($way, 1)) as $i) {
            foreach (array_keys(\array_slice($way, 1)) as $j) {
                [$a, $b] = [$way[$i], $way[$i + 1]];
                [$c, $d] = [new Point(-$way[$j]->x, $way[$j]->y), new Point(-$way[$j + 1]->x, $way[$j + 1]->y)];
                $across = ($b->x - $a->x) * ($d->y - $c->y) - ($b->y - $a->y) * ($d->x - $c->x);
                if (abs($across) < 1e-9) {
                    continue;
                }
                $t = (($c->x - $a->x) * ($d->y - $c->y) - ($c->y - $a->y) * ($d->x - $c->x)) / $across;
                $u = (($c->x - $a->x) * ($b->y - $a->y) - ($c->y - $a->y) * ($b->x - $a->x)) / $across;
                if ($t >= 0 && $t < 1 && $u >= 0 && $u < 1) {
                    $outermost = max($outermost, abs($a->x + $t * ($b->x - $a->x)));
                }
            }
        }
        $tied = (new Interlace())->tied(self::cord(6), 2);

        self::assertEqualsWithDelta(2 * ($outermost + 0.5) * 12, $tied->raised?->millimetres, 0.05);
        self::assertTrue($tied->raised?->isShorterThan($tied->pitch));
    }

    private static function cord(float $thickness): Cord
    {
        return new Cord(Fibre::Linen, Length::ofMillimetres($thickness), Colour::parse('#000000'));
    }
}
