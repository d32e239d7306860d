<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Picture;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Drawing\Pictures;
use Rinkel\Core\Piece\PieceReader;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\Core\FigureEight;

final class DrawnPictureTest extends TestCase
{
    public function testAPieceDrawsItsOwnKnotsAsLongAsTheyMeasure(): void
    {
        $plan = (new Planner())->plan((new PieceReader())->read(FigureEight::piece()));
        $scene = (new Layout($plan))->flat();
        $placed = array_values(array_filter(
            $scene->placed,
            static fn ($one): bool => str_starts_with($one->motif->name, 'own-'),
        ));

        self::assertNotSame([], $placed);
        self::assertSame(15, array_sum(array_map(static fn ($one): int => $one->count, $placed)));
        $knot = FigureEight::knot();
        self::assertTrue(Pictures::of($plan->draft->piece)->has($knot));
        self::assertFalse(Pictures::all()->has($knot));
        self::assertSame($knot->pulled->length, $placed[0]->motif->length);
        self::assertEqualsWithDelta(
            $plan->draft->piece->knots()->in($knot, $plan->draft->piece->cord('cord')->cord)->pitch->millimetres,
            $placed[0]->pose->scale * $placed[0]->motif->length,
            0.3,
        );
    }
}
