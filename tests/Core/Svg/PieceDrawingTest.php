<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Svg;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Svg\PieceDrawing;
use Rinkel\Tests\Core\Examples;

final class PieceDrawingTest extends TestCase
{
    public function testFlatItLiesBetweenTwoTapes(): void
    {
        $svg = (new PieceDrawing(Examples::plan(), 'a'))->board(1, 'Band');

        self::assertSame(1, substr_count($svg, 'data-unit="cm"'));
        self::assertSame(1, substr_count($svg, 'data-unit="in"'));
        self::assertNotFalse(simplexml_load_string($svg));
    }

    /**
     * One unit of the drawing is one millimetre, so a sheet can be laid under the work: ticks of the tape are one
     * apart, and the body is as long as the plan says.
     */
    public function testInTrueSizeOneUnitIsAMillimetre(): void
    {
        $plan = Examples::plan();
        $svg = simplexml_load_string((new PieceDrawing($plan, 'a'))->trueSize('Band'));
        self::assertInstanceOf(\SimpleXMLElement::class, $svg);
        preg_match_all('/M(-?[\d.]+),/', (string) $svg->g[0]?->path['d'], $ticks);

        self::assertGreaterThan(200, \count($ticks[1]));
        self::assertSame(1.0, (float) $ticks[1][1] - (float) $ticks[1][0]);
        self::assertGreaterThan($plan->draft->body()->millimetres, (float) explode(' ', (string) $svg['viewBox'])[2]);
    }

    public function testTwoOnOnePageDoNotShareNames(): void
    {
        $ids = static fn (string $prefix): array => 1 <= preg_match_all(
            '/ id="([^"]+)"/',
            (new PieceDrawing(Examples::plan(), $prefix))->small('Band'),
            $found,
        ) ? $found[1] : [];

        self::assertNotSame([], $ids('one'));
        self::assertSame([], array_intersect($ids('one'), $ids('other')));
    }
}
