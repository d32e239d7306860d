<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Picture;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Around;
use Rinkel\Core\Drawing\KnotRun;
use Rinkel\Core\Drawing\Picture\HitchPicture;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\RunEdges;
use Rinkel\Tests\Core\Examples;

final class HitchPictureTest extends TestCase
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
