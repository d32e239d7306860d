<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Svg;

use Rinkel\App\Svg\FitGauge;
use Rinkel\Core\Fit\FitZone;
use Rinkel\Core\Plan\Plan;
use Rinkel\Tests\Core\Examples;

final class FitGaugeTest extends SvgCase
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

    /**
     * A hand hardly wider than the wrist: its word and the target's stand beside each other, whichever is larger.
     */
    public function testWhatIsSaidOfTheHandAndTheTargetNeverOverlaps(): void
    {
        foreach (['15.5 cm', '16.8 cm', '17.2 cm', '17.6 cm', '18 cm', '21 cm'] as $hand) {
            $plan = Examples::plan(['wearer.hand' => $hand]);
            $said = ['hand' => 'hand '.$hand, 'wished' => 'target 17.4 cm'];
            $texts = array_values(array_filter(
                self::classed($this->painted($plan, $said), 'gauge-word'),
                static fn (\SimpleXMLElement $text): bool => '13' === (string) $text['y'],
            ));
            self::assertCount(2, $texts);
            $half = array_map(static fn (\SimpleXMLElement $text): float => 3.5 * mb_strlen((string) $text), $texts);
            self::assertGreaterThan($half[0] + $half[1], (float) $texts[1]['x'] - (float) $texts[0]['x'], $hand);
            foreach ($texts as $i => $text) {
                self::assertGreaterThanOrEqual(0, (float) $text['x'] - $half[$i]);
                self::assertLessThanOrEqual(640, (float) $text['x'] + $half[$i]);
            }
        }
    }

    /**
     * @param array<string, string> $said
     */
    private function painted(Plan $plan, array $said = []): string
    {
        $words = array_fill_keys(
            [...array_column(FitZone::cases(), 'value'), 'wished', 'hand', 'shut', 'open', 'label'],
            'word',
        );

        return (new FitGauge($plan))->paint($said + $words);
    }
}
