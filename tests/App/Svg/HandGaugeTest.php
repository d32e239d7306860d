<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Svg;

use Rinkel\App\Svg\HandGauge;

final class HandGaugeTest extends SvgCase
{
    public function testNineteenOfTwentyLieWithinItsBar(): void
    {
        $words = ['loose' => 'loose', 'even' => 'even', 'firm' => 'firm', 'label' => 'Hand'];
        $svg = HandGauge::paint([0.0, 0.05, 0.0, 0.1], $words);
        [$known] = self::classed($svg, 'hand-known');
        [$before] = self::classed($svg, 'hand-before');

        self::assertCount(3, self::classed($svg, 'hand-place'));
        self::assertEqualsWithDelta(2 * 1.96 * 0.05 * 640 / 0.84, (float) $known['width'], 0.02);
        self::assertEqualsWithDelta(2.0, (float) $before['width'] / (float) $known['width'], 0.001);
    }

    public function testAHandBeyondThePictureIsAtItsEdge(): void
    {
        [$known] = self::classed(HandGauge::paint([2.0, 0.01, 0.0, 0.1], []), 'hand-known');

        self::assertSame(640.0, (float) $known['x']);
        self::assertSame(1.0, (float) $known['width'], 'still seen');
    }
}
