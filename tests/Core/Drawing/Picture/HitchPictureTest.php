<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Picture;

use Rinkel\Core\Drawing\Picture\HitchPicture;
use Rinkel\Core\Drawing\Placed;

final class HitchPictureTest extends PictureCase
{
    public function testALarksHeadIsTwoHitchesOneEachWay(): void
    {
        $one = (new HitchPicture([true]))->placed(self::knots('8 hitch', 8));
        $two = (new HitchPicture([true, false]))->placed(self::knots('8 vertical lark', 8));

        self::assertNotEquals($one[0]->motif->strands, $two[0]->motif->strands);
        self::assertSame(
            8,
            array_sum(array_map(static fn (Placed $placed): int => $placed->count * $placed->knots, $two)),
        );
    }
}
