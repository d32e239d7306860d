<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\BarrelKnot;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;

final class BarrelKnotTest extends TestCase
{
    /**
     * Each wrap of a barrel is a helix around the cord's two own strands: one turn of a helix of radius r and rise w is
     * sqrt((2 pi r)² + w²). Around two strands of the same cord the hull gives 2 + 2 pi, around one 2 pi: a dressed
     * wrap lies between, and a whole knot, beyond the way past it, a little over as many.
     */
    #[DataProvider('provideWraps')]
    public function testABarrelTakesAsManyHelixTurnsAsWraps(int $wraps): void
    {
        $knot = (new BarrelKnot($wraps))->dressed(self::cord(1));
        $most = sqrt((2 + 2 * \M_PI) ** 2 + 1);
        $least = sqrt((2 * \M_PI) ** 2 + 1);
        $turns = $knot->use->minus($knot->pitch)->millimetres / Fibre::Leather->useFactor();

        self::assertGreaterThan($wraps * $least, $turns);
        self::assertLessThan(($wraps + 1) * $most, $turns);
        self::assertEqualsWithDelta($wraps + 3.0, $knot->pitch->millimetres, 1e-9, 'leather does not coil tightly');
        $soft = new Cord(Fibre::WaxedCotton, Length::ofMillimetres(1), Colour::parse('#000000'));
        self::assertEqualsWithDelta(
            ($wraps + 1) * 0.93,
            (new BarrelKnot($wraps))->dressed($soft)->pitch->millimetres,
            1e-9,
        );
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
            $three->use->minus($three->pitch)->millimetres / Fibre::Leather->useFactor(),
            $within,
        );
        self::assertEqualsWithDelta(6.0, $three->pitch->millimetres, 1e-9);
        $soft = new Cord(Fibre::Nylon, Length::ofMillimetres(1), Colour::parse('#000000'));
        self::assertEqualsWithDelta(
            3.5 * 0.93,
            (new BarrelKnot(3))->sliding($soft, self::cord($core))->pitch->millimetres,
            1e-9,
        );
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

    private static function cord(float $thickness): Cord
    {
        return new Cord(Fibre::Leather, Length::ofMillimetres($thickness), Colour::parse('#000000'));
    }
}
