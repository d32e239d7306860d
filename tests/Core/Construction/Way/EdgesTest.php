<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Construction\Way;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Construction\Way\Edges;
use Rinkel\Tests\Core\Examples;

final class EdgesTest extends TestCase
{
    public function testWhatLiesOutermostIsWhatOneMeasuresFrom(): void
    {
        $edges = new Edges(Examples::plan()->draft->setting->elements);

        self::assertSame(['start-edge', 'last-edge'], [$edges->brink(true)[0]->id, $edges->brink(false)[0]->id]);
        self::assertTrue($edges->brink(true)[1]->isZero(), 'no cord lies bare there');
    }

    public function testBareCordBeyondTheLastKnotIsSaid(): void
    {
        $draft = Examples::planOf('spaced-knots', ['pattern' => 'gap 20 mm, 3 barrel, gap 15 mm'])->draft;
        $edges = new Edges($draft->setting->elements);

        self::assertEqualsWithDelta(
            [20.0, 15.0],
            [$edges->brink(true)[1]->millimetres, $edges->brink(false)[1]->millimetres],
            1e-9,
        );
    }
}
