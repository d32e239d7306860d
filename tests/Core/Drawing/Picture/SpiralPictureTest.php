<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Picture;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Around;
use Rinkel\Core\Drawing\KnotRun;
use Rinkel\Core\Drawing\Picture\SpiralPicture;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\RunEdges;
use Rinkel\Tests\Core\Examples;

final class SpiralPictureTest extends TestCase
{
    public function testASpiralTurnsByItsHand(): void
    {
        $left = (new SpiralPicture('left', 1))->placed(self::knots('12 half left', 12));
        $right = (new SpiralPicture('right', -1))->placed(self::knots('12 half right', 12));

        self::assertNotEquals($left[0]->motif->strands, $right[0]->motif->strands);
        self::assertSame(12, array_sum(array_map(
            static fn (Placed $placed): int => $placed->count * $placed->knots,
            $left,
        )), 'each half knot is counted once');
    }

    private static function knots(string $pattern, int $count = 1, ?RunEdges $edges = null): KnotRun
    {
        $draft = Examples::plan(['pattern' => $pattern])->draft;

        return new KnotRun(
            $draft->setting->elements[0],
            $count,
            3.0,
            0.5,
            $draft->piece->cord('working')->cord,
            'working',
            new Around(half: 1.0, cores: 2),
            $edges ?? new RunEdges(),
        );
    }
}
