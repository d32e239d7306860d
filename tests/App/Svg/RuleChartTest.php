<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Svg;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Svg\RuleChart;
use Rinkel\Core\Sizing\QuotedNumber;
use Rinkel\Core\Sizing\ThumbRule;

final class RuleChartTest extends TestCase
{
    /**
     * A rule is a line at its height: above the columns that it is too much for, through those that it fits.
     */
    public function testTheRuleLiesWhereItsNumberIs(): void
    {
        $drawn = RuleChart::of(new ThumbRule('four', 4.0, [
            1 => new QuotedNumber(3.0, 2.5, 3.5),
            2 => new QuotedNumber(4.0, 3.5, 4.5),
            3 => new QuotedNumber(6.0, 5.0, 8.0),
        ], true), 'Four times', '4×');
        $column = '/class="gauge-zone (\S+)" x="([\d.]+)" width="([\d.]+)" y="([\d.]+)" height="([\d.]+)"/';
        preg_match_all($column, $drawn, $columns);
        self::assertSame(['gauge-too-tight', 'gauge-comfortable', 'gauge-too-tight'], $columns[1]);
        self::assertSame(1, preg_match('/class="gauge-hand" d="M[\d.]+ ([\d.]+)H/', $drawn, $line));
        $at = (float) $line[1];
        foreach ([[1, 'below'], [2, 'through'], [3, 'above']] as [$nth, $where]) {
            [$top, $high] = [(float) $columns[4][$nth - 1], (float) $columns[5][$nth - 1]];
            self::assertSame($where, match (true) {
                $top > $at => 'below', $top + $high < $at => 'above', default => 'through',
            }, 'column '.$nth);
        }
        // One of four is four times as far from nothing as one of one: all is to one scale.
        preg_match_all('/>(\d+)×</', $drawn, $marks);
        self::assertContains('0', $marks[1]);
        self::assertLessThanOrEqual(7, \count($marks[1]));
        preg_match_all('/class="day-hour" d="M[\d.]+ ([\d.]+)H/', $drawn, $lines);
        $steps = [];
        foreach (\array_slice($lines[1], 1) as $i => $y) {
            $steps[] = (float) $lines[1][$i] - (float) $y;
        }
        self::assertEqualsWithDelta(max([0.0, ...$steps]), min([\INF, ...$steps]), 0.02);
        $zero = (float) $lines[1][0];
        self::assertEqualsWithDelta(
            ($zero - $at) / 4.0,
            (float) $columns[5][0] / 1.0,
            0.02,
            'a range of one is as high as a quarter of four',
        );
    }
}
