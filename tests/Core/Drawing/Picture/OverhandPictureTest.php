<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Picture;

use Rinkel\Core\Drawing\Picture\OverhandPicture;

final class OverhandPictureTest extends PictureCase
{
    public function testItIsAsLongAsItsKnot(): void
    {
        $run = self::knots('1 overhand');
        [$placed] = (new OverhandPicture())->placed($run);

        self::assertEqualsWithDelta(
            $run->knot->extent->length->millimetres,
            $placed->end() - $placed->pose->x,
            1e-6,
        );
        self::assertSame(1, $placed->knots);
    }
}
