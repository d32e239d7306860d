<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Svg;

use Rinkel\App\Svg\MeasureLine;
use Rinkel\Core\Measure\Length;

final class MeasureLineTest extends SvgCase
{
    public function testDaysAreApartAsTheyWere(): void
    {
        $dots = self::classed(MeasureLine::paint([
            [new \DateTimeImmutable('2026-03-11'), Length::ofMillimetres(170)],
            [new \DateTimeImmutable('2026-03-02'), Length::ofMillimetres(160)],
            [new \DateTimeImmutable('2026-03-01'), Length::ofMillimetres(150)],
        ], 'Wrist'), 'chart-dot');

        self::assertSame(
            ['232', '30.4', '8'],
            array_map(static fn (\SimpleXMLElement $dot): string => (string) $dot['cx'], $dots),
        );
        self::assertSame(
            ['8', '24', '40'],
            array_map(static fn (\SimpleXMLElement $dot): string => (string) $dot['cy'], $dots),
        );
    }

    public function testOneMeasureIsNoLine(): void
    {
        self::assertSame(
            '',
            MeasureLine::paint([[new \DateTimeImmutable('2026-03-01'), Length::ofMillimetres(150)]], 'Wrist'),
        );
    }
}
