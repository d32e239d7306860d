<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Svg;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Svg\FitGauge;
use Rinkel\Core\Fit\FitZone;
use Rinkel\Core\Plan\Plan;
use Rinkel\Tests\Core\Examples;

final class FitGaugeTest extends TestCase
{
    public function testWhatIsShutAndOpenIsWhereTheSpanEnds(): void
    {
        $plan = Examples::plan();
        [$span] = self::classed($this->painted($plan), 'gauge-span');

        self::assertEqualsWithDelta($plan->draft->closed()->millimetres, (float) $span['data-shut'], 0.01);
        self::assertEqualsWithDelta($plan->draft->open()->millimetres, (float) $span['data-open'], 0.01);
    }

    public function testItsZonesLieSideBySide(): void
    {
        $zones = self::classed($this->painted(Examples::plan()), 'gauge-zone');
        $ends = array_map(
            static fn (\SimpleXMLElement $zone): float => (float) $zone['x'] + (float) $zone['width'],
            $zones,
        );

        self::assertCount(\count(FitZone::cases()), $zones);
        foreach (\array_slice($zones, 1) as $i => $zone) {
            self::assertEqualsWithDelta($ends[$i], (float) $zone['x'], 0.02);
        }
        self::assertEqualsWithDelta(640.0, max([0.0, ...$ends]), 0.02);
    }

    private function painted(Plan $plan): string
    {
        $words = array_fill_keys(
            [...array_column(FitZone::cases(), 'value'), 'wished', 'hand', 'shut', 'open', 'label'],
            'word',
        );

        return (new FitGauge($plan))->paint($words);
    }

    /**
     * @return list<\SimpleXMLElement> what has a class
     */
    private static function classed(string $svg, string $class): array
    {
        $read = simplexml_load_string(str_replace(' xmlns="http://www.w3.org/2000/svg"', '', $svg));
        self::assertInstanceOf(\SimpleXMLElement::class, $read);

        return array_values($read->xpath('//*[contains(concat(" ", @class, " "), " '.$class.' ")]') ?: []);
    }
}
