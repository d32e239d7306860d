<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\BarrelKnot;
use Rinkel\Core\Knot\Hitch;
use Rinkel\Core\Knot\Kind\HalfLeft;
use Rinkel\Core\Knot\Kind\Square;
use Rinkel\Core\Knot\KnotBook;
use Rinkel\Core\Knot\OverhandKnot;
use Rinkel\Core\Knot\Sample;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;

final class CordKnotTest extends TestCase
{
    /**
     * Each wrap of a barrel is a helix around the cord's two own strands: one turn of a helix of radius r and rise w is
     * sqrt((2 pi r)² + w²). Around two strands of the same cord the hull gives 2 + 2 pi, around one 2 pi: a dressed
     * wrap lies between, and a whole knot a little over as many.
     */
    #[DataProvider('provideWraps')]
    public function testABarrelTakesAsManyHelixTurnsAsWraps(int $wraps): void
    {
        $knot = (new BarrelKnot($wraps))->dressed(self::cord(1));
        $most = sqrt((2 + 2 * \M_PI) ** 2 + 1);
        $least = sqrt((2 * \M_PI) ** 2 + 1);
        $turns = $knot->use->millimetres / Fibre::Leather->useFactor();

        self::assertGreaterThan($wraps * $least, $turns);
        self::assertLessThan(($wraps + 1) * $most, $turns);
        self::assertEqualsWithDelta(($wraps + 1) * 0.95, $knot->pitch->millimetres, 1e-9);
        self::assertTrue(
            (new BarrelKnot($wraps))->pulledHard(self::cord(1))->use->isShorterThan($knot->use) || 1 === $wraps,
        );
    }

    /**
     * @return iterable<string, array{int}>
     */
    public static function provideWraps(): iterable
    {
        foreach ([2, 3, 4, 5] as $wraps) {
            yield $wraps.' wraps' => [$wraps];
        }
    }

    /**
     * The hull around a core and two own cords beside it, for cores of half, one and two diameters (docs/model.md):
     * exact for equal cords, three diameters and the full turn.
     */
    #[DataProvider('provideTurns')]
    public function testASlidingBarrelGoesAroundCoreAndItself(float $core, float $turn, float $within): void
    {
        $cord = self::cord(1);
        $three = (new BarrelKnot(3))->sliding($cord, self::cord($core));

        self::assertEqualsWithDelta(
            3 * ($turn + 0.6) + 1.7,
            $three->use->millimetres / Fibre::Leather->useFactor(),
            $within,
        );
        self::assertEqualsWithDelta(3.5 * 0.95, $three->pitch->millimetres, 1e-9);
    }

    /**
     * @return iterable<string, array{float, float, float}>
     */
    public static function provideTurns(): iterable
    {
        yield 'thin core' => [0.5, 8.45, 0.5];
        yield 'equal cords' => [1.0, 3 + 2 * \M_PI, 0.02];
        yield 'thick core' => [2.0, 11.68, 0.8];
    }

    public function testAVerticalLarksHeadIsTwoHitches(): void
    {
        $core = new Bundle(Length::ofMillimetres(1), 1);
        $head = Hitch::verticalLarksHead()->tied($core, self::cord(1));

        // Each hitch goes once around, 2 pi, and 4.28 diameters more; each is two diameters long.
        self::assertEqualsWithDelta(2 * (2 * \M_PI + 4.28) * 0.97, $head->use->millimetres, 1e-9);
        self::assertEqualsWithDelta(4 * 0.95, $head->pitch->millimetres, 1e-9);
        self::assertTrue(Hitch::half()->tied($core, self::cord(1))->pitch->equals($head->pitch->times(0.5)));
    }

    /**
     * The tight trefoil closed to a ring has a ropelength of 16.372 diameters (Ashton, Cantarella, Piatek, Rawdon 2011,
     * 32.743 radii, from memory). The open overhand engages less: it lacks the arc that closes it.
     */
    public function testTheOverhandStaysBelowTheIdealTrefoil(): void
    {
        $cord = self::cord(1);
        $use = (new OverhandKnot())->tied($cord, 1)->use->millimetres / Fibre::Leather->useFactor();

        self::assertLessThan(16.372, $use);
        self::assertGreaterThan(16.372 / 2, $use);
    }

    public function testOwnSamplesStandBeforeTheModel(): void
    {
        $cord = self::cord(1);
        $core = new Bundle(Length::ofMillimetres(1), 2);
        $book = new KnotBook(
            Tension::Even,
            ['square' => new Sample(Length::ofMillimetres(3.3), Length::ofMillimetres(19))],
        );
        $tied = $book->around(new Square(), $core, $cord);

        self::assertSame([3.3, 19.0], [$tied->pitch->millimetres, $tied->use->millimetres]);
        self::assertTrue($book->hasSample(new Square()));
        self::assertFalse($book->hasSample(new HalfLeft()));
        self::assertNotEquals(
            3.3,
            (new KnotBook(Tension::Even))->around(new Square(), $core, $cord)->pitch->millimetres,
        );
    }

    private static function cord(float $thickness): Cord
    {
        return new Cord(Fibre::Leather, Length::ofMillimetres($thickness), Colour::parse('#000000'));
    }
}
