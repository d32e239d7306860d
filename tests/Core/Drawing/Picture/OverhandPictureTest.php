<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Drawing\Picture;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Around;
use Rinkel\Core\Drawing\KnotRun;
use Rinkel\Core\Drawing\Picture\OverhandPicture;
use Rinkel\Core\Drawing\RunEdges;
use Rinkel\Tests\Core\Examples;

final class OverhandPictureTest extends TestCase
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
