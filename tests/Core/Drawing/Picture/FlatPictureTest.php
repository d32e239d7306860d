<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Picture;

use Rinkel\Core\Drawing\Picture\FlatPicture;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\RunEdges;
use Rinkel\Core\Knot\Side;

final class FlatPictureTest extends PictureCase
{
    public function testItsEdgesAreDrawnWhereNothingStandsBesideIt(): void
    {
        $names = static fn (RunEdges $edges): array => array_map(
            static fn (Placed $placed): string => $placed->motif->name,
            (new FlatPicture(Side::Left))->placed(self::knots('9 square', 9, $edges)),
        );

        self::assertSame(['square-working'], $names(new RunEdges()));
        self::assertSame(['start-working', 'square-working', 'finish-working'], $names(new RunEdges(true, true)));
    }

    public function testARunIsPlacedOnceWithItsCount(): void
    {
        [$placed] = (new FlatPicture(Side::Left))->placed(self::knots('9 square', 9));

        self::assertSame([9, 3.0, 0.5], [$placed->count, $placed->pose->x, $placed->pose->y]);
    }
}
