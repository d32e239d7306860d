<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Picture;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Around;
use Rinkel\Core\Drawing\KnotRun;
use Rinkel\Core\Drawing\Picture\FlatPicture;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\RunEdges;
use Rinkel\Core\Knot\Side;
use Rinkel\Tests\Core\Examples;

final class FlatPictureTest extends TestCase
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
