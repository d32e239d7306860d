<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Svg;

use Rinkel\App\Svg\LogChart;

final class LogChartTest extends SvgCase
{
    public function testADotForEachOnItsScale(): void
    {
        $svg = LogChart::paint(
            [0.1, 0.2],
            0.0,
            'Left over',
            static fn (float $most): string => round(100 * $most).' %',
            0.05,
        );
        $dots = self::classed($svg, 'chart-dot');

        self::assertCount(2, $dots);
        self::assertEqualsWithDelta(18.0, (float) $dots[1]['cy'], 0.01, 'the highest');
        self::assertEqualsWithDelta(62.0, (float) $dots[0]['cy'], 0.01, 'half of it');
        self::assertSame([], self::classed($svg, 'chart-aim'));
        self::assertStringContainsString('20 %', $svg);
    }

    public function testWithSignsNothingIsInTheMiddle(): void
    {
        $svg = LogChart::paint([-0.1, 0.1], 0.05, 'Off', static fn (float $most): string => (string) $most, 0.05);
        $dots = self::classed($svg, 'chart-dot');

        self::assertEqualsWithDelta(62.0, ((float) $dots[0]['cy'] + (float) $dots[1]['cy']) / 2, 0.01);
        self::assertCount(1, self::classed($svg, 'chart-aim'));
        self::assertStringContainsString('±', $svg);
    }
}
