<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Svg;

use PHPUnit\Framework\TestCase;
use Rinkel\App\Svg\StockPicture;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\BeadShape;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Stock\StockCord;
use Rinkel\Core\Stock\Supply;

final class StockPictureTest extends TestCase
{
    /**
     * The more cord lies on a drum, the higher it lies; half of it is more than half as high, as it lies in rings.
     */
    public function testADrumIsAsFullAsItIs(): void
    {
        $high = static fn (?float $metres): float => self::height(StockPicture::cord(
            self::cord(Supply::spool('a', null === $metres ? null : Length::ofMillimetres(1000 * $metres))),
            Length::ofMillimetres(20_000),
            1000.0,
            'Cord',
        ));
        self::assertEqualsWithDelta(14.0, $high(0.0), 0.01, 'the bare barrel');
        self::assertEqualsWithDelta(54.0, $high(20.0), 0.01, 'up to its rim');
        self::assertEqualsWithDelta(sqrt((14 ** 2 + 54 ** 2) / 2), $high(10.0), 0.01);
        self::assertSame($high(20.0), $high(35.0), 'nothing hangs over the rim');
        self::assertStringContainsString(
            'is-guessed',
            StockPicture::cord(self::cord(Supply::spool('a', null)), null, 1000.0, 'Cord'),
        );
    }

    public function testOffcutsLieOnOneTapeTheShortestFirst(): void
    {
        $svg = StockPicture::cord(
            self::cord(
                Supply::offcut('a', Length::ofMillimetres(800)),
                Supply::offcut('b', Length::ofMillimetres(200)),
            ),
            null,
            1600.0,
            'Cord',
        );
        self::assertSame(2, preg_match_all('/width="([\\d.]+)"[^>]*class="cord-lying"/', $svg, $wide));
        self::assertEqualsWithDelta(4.0, (float) $wide[1][1] / (float) $wide[1][0], 0.01);
        self::assertEqualsWithDelta(210.0, (float) $wide[1][1], 0.01, 'half of the tape');
    }

    /**
     * Beads are drawn at one scale: four of 11 mm lie side by side in a compartment of 44 mm at most.
     */
    public function testACompartmentShowsSoManyAsThereAreAndFit(): void
    {
        $copies = static fn (string $mm, ?int $count): int => substr_count(StockPicture::beads(
            Bead::of(BeadShape::Round, Colour::parse('#8fb3a8'), Length::exact($mm)),
            $count,
            's',
            'Bead',
        ), '<use ');
        self::assertSame(5, $copies('6 mm', 5));
        self::assertSame(0, $copies('6 mm', 0));
        self::assertSame(3, $copies('6 mm', null), 'a few of those nobody counted');
        self::assertSame(6, $copies('11 mm', 99));
        self::assertSame(1, $copies('40 mm', 9), 'a larger one is drawn smaller');
        self::assertLessThanOrEqual(60, $copies('1 mm', 5000));
    }

    public function testALargeFindingIsDrawnInItsCompartment(): void
    {
        $scale = static function (int $mm): float {
            $svg = StockPicture::finding(
                Finding::of(FindingKind::Stone, Length::ofMillimetres($mm), Length::ofMillimetres($mm)),
                'Stone',
            );
            self::assertSame(1, preg_match('/scale\\(([\\d.]+)\\)/', $svg, $found));

            return (float) $found[1];
        };
        self::assertSame(1.0, $scale(12));
        self::assertEqualsWithDelta(0.9 * 26 / 60, $scale(60), 0.01);
    }

    /**
     * A hank is as thick as its cord, stays in its compartment, and has fewer turns of a thicker one.
     */
    public function testAHankIsAsThickAsItsCord(): void
    {
        $turns = [];
        foreach ([0.5, 1.0, 3.0, 6.0] as $mm) {
            $svg = StockPicture::thing(
                new Cord(Fibre::Leather, Length::ofMillimetres($mm), Colour::parse('#5a3a22')),
                null,
                'hank',
            );
            self::assertSame(1, preg_match('/stroke-width="'.preg_quote((string) $mm, '/').'"/', $svg));
            preg_match_all('/rx="([\d.]+)" ry="([\d.]+)"/', $svg, $found);
            self::assertLessThanOrEqual(22.0, max(0.0, ...array_map(floatval(...), $found[1])) + $mm / 2);
            self::assertLessThanOrEqual(13.0, max(0.0, ...array_map(floatval(...), $found[2])) + $mm / 2);
            $turns[] = \count($found[1]);
        }
        $fewer = $turns;
        rsort($fewer);
        self::assertSame($fewer, $turns);
    }

    private static function cord(Supply ...$supplies): StockCord
    {
        return new StockCord(
            's',
            new Cord(Fibre::Polyester, Length::ofMillimetres(1), Colour::parse('#1f5f6b')),
            array_values($supplies),
        );
    }

    private static function height(string $svg): float
    {
        self::assertSame(1, preg_match('/height="([\\d.]+)"[^>]*class="drum-cord/', $svg, $found), $svg);

        return (float) $found[1];
    }
}
