<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Svg;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\App\Svg\CutBar;
use Rinkel\App\Svg\FitGauge;
use Rinkel\Core\Fit\EaseScale;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\BeadShape;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Svg\BeadPicture;
use Rinkel\Core\Svg\FindingPicture;
use Rinkel\Core\Svg\Svg;
use Rinkel\Tests\Core\Examples;

/**
 * The small pictures: what they show in numbers.
 */
final class PagePicturesTest extends TestCase
{
    private const WORDS = [
        'too-tight' => 'too tight', 'snug' => 'snug', 'comfortable' => 'comfortable', 'loose' => 'loose',
        'too-loose' => 'too loose', 'wished' => 'worn', 'hand' => 'hand', 'shut' => 'shut', 'open' => 'open',
        'label' => 'all of it',
    ];

    public function testTheGaugeIsToScale(): void
    {
        $plan = Examples::plan();
        $gauge = (new FitGauge($plan))->paint(self::WORDS);
        preg_match('/class="gauge-span" data-shut="([\d.]+)" data-open="([\d.]+)"/', $gauge, $span);
        self::assertEqualsWithDelta($plan->draft->closed()->millimetres, (float) ($span[1] ?? 0), 6e-3);
        self::assertEqualsWithDelta($plan->draft->open()->millimetres, (float) ($span[2] ?? 0), 6e-3);
        preg_match_all(
            '/x="([\d.]+)" y="26" width="([\d.]+)" height="34" class="[^"]*" data-zone="([a-z-]+)"/',
            $gauge,
            $zones,
        );
        self::assertSame(['too-tight', 'snug', 'comfortable', 'loose', 'too-loose'], $zones[3]);
        // Zones touch, and their borders are as far apart as their girths are.
        $starts = array_map(
            static fn (Length $start): float => $start->millimetres,
            array_values((new EaseScale($plan->draft->piece->wearer))->starts()),
        );
        $scale = ((float) $zones[1][2] - (float) $zones[1][1]) / ($starts[1] - $starts[0]);
        foreach ([1, 2, 3] as $i) {
            self::assertEqualsWithDelta((float) $zones[1][$i] + (float) $zones[2][$i], (float) $zones[1][$i + 1], 0.01);
            self::assertEqualsWithDelta(
                $scale * ($starts[$i] - $starts[0]),
                (float) $zones[1][$i + 1] - (float) $zones[1][1],
                0.05,
            );
        }
    }

    public function testTheBarOfACutIsSplitByItsParts(): void
    {
        foreach (Examples::plan()->cuts as $cut) {
            $bar = (new CutBar($cut))->paint('split');
            preg_match_all(
                '/x="([\d.]+)" y="0" width="([\d.]+)" height="14" class="[^"]*" data-part="([a-z]+)"/',
                $bar,
                $parts,
            );
            self::assertSame(array_keys($cut->parts), $parts[3]);
            self::assertEqualsWithDelta(600, array_sum(array_map(floatval(...), $parts[2])), 0.1);
            foreach ($parts[3] as $i => $part) {
                self::assertEqualsWithDelta(
                    600 * $cut->part($part)->ratioTo($cut->length),
                    (float) $parts[2][$i],
                    0.01,
                );
            }
        }
    }

    #[DataProvider('provideShapes')]
    public function testABeadIsAsLongAndWideAsItIs(BeadShape $shape): void
    {
        $bead = Bead::of(
            $shape,
            Colour::parse('#336699'),
            Length::ofMillimetres(6),
            Length::ofMillimetres(9),
            Length::ofMillimetres(1.5),
        );
        $drawn = BeadPicture::definition('b', 'l', $bead);

        self::assertSame(2, substr_count($drawn, 'bead-hole'), 'the hole shows at both ends');
        self::assertStringContainsString('fill="#336699"', $drawn);
        [$long, $wide] = self::extent($drawn);
        self::assertEqualsWithDelta(9, $long, 0.02, $shape->value);
        self::assertEqualsWithDelta(6, $wide, BeadShape::Drop === $shape ? 3 : 0.02, $shape->value);
    }

    /**
     * @return iterable<string, array{BeadShape}>
     */
    public static function provideShapes(): iterable
    {
        foreach (BeadShape::cases() as $shape) {
            yield $shape->value => [$shape];
        }
    }

    #[DataProvider('provideKinds')]
    public function testEveryFindingHasAPictureAtAnySize(FindingKind $kind): void
    {
        foreach ([[12.0, 6.0, 3.0], [0.0, 0.0, 0.0], [200.0, 200.0, 0.0]] as [$length, $width, $inside]) {
            $drawn = FindingPicture::of(
                Finding::of(
                    $kind,
                    Length::ofMillimetres($length),
                    Length::ofMillimetres($width),
                    Length::ofMillimetres($inside),
                ),
            );
            self::assertNotSame('', $drawn);
            self::assertDoesNotMatchRegularExpression('/NAN|INF|r[xy]?="-|width="-|height="-/', $drawn);
        }
    }

    /**
     * @return iterable<string, array{FindingKind}>
     */
    public static function provideKinds(): iterable
    {
        foreach (FindingKind::cases() as $kind) {
            yield $kind->value => [$kind];
        }
    }

    public function testNumbersAndTextsAreWrittenSafely(): void
    {
        self::assertSame('0', Svg::number(-0.0001));
        self::assertSame('-1.23', Svg::number(-1.23456));
        self::assertSame('<a b="&lt;&quot;&amp;" c="2"/>', Svg::element('a', ['b' => '<"&', 'c' => 2, 'd' => null]));
        self::assertSame('<a>x</a>', Svg::element('a', [], 'x'));
    }

    /**
     * Returns how far an outline reaches along and across, from its numbers; ends of curves count, their guides do not.
     *
     * @return array{float, float}
     */
    private static function extent(string $drawn): array
    {
        if (1 === preg_match('/<ellipse rx="([\d.]+)" ry="([\d.]+)" fill/', $drawn, $match)) {
            return [2 * (float) $match[1], 2 * (float) $match[2]];
        }
        if (1 === preg_match('/<rect x="[^"]+" y="[^"]+" width="([\d.]+)" height="([\d.]+)"/', $drawn, $match)) {
            return [(float) $match[1], (float) $match[2]];
        }
        preg_match('/<path d="([^"]+)"/', $drawn, $match);
        preg_match_all('/(-?[\d.]+),(-?[\d.]+)/', $match[1] ?? '', $points);
        $along = array_map(floatval(...), $points[1]);
        $across = array_map(floatval(...), $points[2]);

        return [max([0.0, ...$along]) - min([0.0, ...$along]), max([0.0, ...$across]) - min([0.0, ...$across])];
    }
}
