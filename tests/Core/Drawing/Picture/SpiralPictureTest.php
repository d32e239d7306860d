<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Picture;

use Rinkel\Core\Drawing\Picture\SpiralPicture;
use Rinkel\Core\Drawing\Placed;

final class SpiralPictureTest extends PictureCase
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
}
