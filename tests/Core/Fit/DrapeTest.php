<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Fit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Fit\Drape;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\Plan;
use Rinkel\Tests\Core\Examples;

final class DrapeTest extends TestCase
{
    #[DataProvider('provideNecklaces')]
    public function testLengthAndDropAreInverse(float $neck, float $drop, bool $pointed): void
    {
        $drape = Drape::hanging(Length::ofMillimetres($neck), Length::ofMillimetres($drop), $pointed);

        self::assertEqualsWithDelta($drop, $drape->drop()->millimetres, 1e-6);
        self::assertEqualsWithDelta(
            $drop,
            (new Drape(Length::ofMillimetres($neck), $drape->length(), $pointed))->drop()->millimetres,
            1e-6,
        );
    }

    /**
     * Walked along in small steps the drawn loop is as long as the necklace, closes behind the neck, and is lowest in
     * its middle.
     */
    #[DataProvider('provideNecklaces')]
    public function testTheDrawnLoopIsAsLongAsTheNecklace(float $neck, float $drop, bool $pointed): void
    {
        $drape = Drape::hanging(Length::ofMillimetres($neck), Length::ofMillimetres($drop), $pointed);
        $half = $drape->length()->millimetres / 2;
        $walked = 0.0;
        for ($i = 0; $i < 4000; ++$i) {
            $walked += $drape->at(-$half + $i * $half / 2000, 0)->distanceTo(
                $drape->at(-$half + ($i + 1) * $half / 2000, 0),
            );
        }

        self::assertEqualsWithDelta(2 * $half, $walked, 0.05);
        self::assertEqualsWithDelta(0, $drape->at($half - 1e-6, 0)->distanceTo($drape->at(-$half, 0)), 0.01);
        self::assertEqualsWithDelta($drape->radius() + $drop, $drape->at(0, 0)->y, 0.01);
        self::assertEqualsWithDelta(-$drape->radius(), $drape->at($half, 0)->y, 0.01, 'behind the neck');
    }

    /**
     * @return iterable<string, array{float, float, bool}>
     */
    public static function provideNecklaces(): iterable
    {
        yield 'short, to a point' => [340, 40, true];
        yield 'long, to a point' => [340, 250, true];
        yield 'short, round' => [330, 30, false];
        yield 'long, round' => [380, 300, false];
    }

    /**
     * Two tangents from a point D below the axis of a wheel of radius r are sqrt(D² − r²) long each and touch it acos(r
     * / D) off the line to it: the rest of the wheel is 2 pi − 2 acos(r / D).
     */
    public function testToAPointItIsTwoTangentsAndTheRestOfTheNeck(): void
    {
        // From memory: the base of a neck is a tenth wider than its middle, where it is measured.
        $r = 1.1 * 340 / 2 / \M_PI;
        $d = $r + 150;

        self::assertEqualsWithDelta(
            2 * sqrt($d ** 2 - $r ** 2) + $r * (2 * \M_PI - 2 * acos($r / $d)),
            Drape::hanging(Length::ofMillimetres(340), Length::ofMillimetres(150), true)->length()->millimetres,
            1e-6,
        );
    }

    public function testAPointHangsLowerThanARoundString(): void
    {
        $neck = Length::ofMillimetres(340);
        $length = Length::ofMillimetres(600);

        self::assertTrue(
            (new Drape($neck, $length, true))->drop()->isLongerThan((new Drape($neck, $length, false))->drop()),
        );
        self::assertTrue(
            (new Drape($neck, Length::ofMillimetres(330), true))->drop()->isZero(),
            'what is shorter than the neck does not hang',
        );
    }

    /**
     * Usual trade lengths (from memory): choker 14 to 16 in, princess 17 to 19, matinee 20 to 24, opera 28 to 34.
     */
    public function testNamesOfLengths(): void
    {
        $style = static fn (float $inches): string => Drape::style(Length::ofInches($inches));

        self::assertSame(
            ['choker', 'princess', 'princess', 'matinee', 'opera', 'rope', ''],
            array_map($style, [16, 17, 18, 22, 30, 45, 8]),
        );
    }

    /**
     * A long cord wound twice hangs as deep as one turn of it does, and that is what it is asked for.
     */
    public function testWoundTwiceEachTurnHangs(): void
    {
        $changes = [
            'wearer' => ['girth' => '36 cm', 'place' => 'neck'],
            'pattern' => 'gap fit, 1 barrel 3, 20 bead pip, 1 barrel 3, gap fit',
            'beads.pip' => ['diameter' => '6 mm', 'hole' => '1.6 mm'], 'drop' => '9 cm',
        ];
        $once = Examples::planOf('strung-beads', $changes);
        $twice = Examples::planOf('strung-beads', $changes + ['wraps' => 2]);
        $length = static fn (Plan $plan): float => $plan->draft->body()->plus($plan->draft->wornGap())->millimetres;

        self::assertEqualsWithDelta(2 * $length($once), $length($twice), 0.1);
        foreach ([$once, $twice] as $plan) {
            $drop = $plan->figures()['drop']->value;
            self::assertInstanceOf(Length::class, $drop);
            self::assertEqualsWithDelta(90.0, $drop->millimetres, 0.1);
        }
    }
}
