<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Knot;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Knot\KnotTake;
use Rinkel\Core\Knot\Spread;
use Rinkel\Core\Plan\CountRange;

/**
 * The spread between makers against makers drawn by chance, and against sums by hand.
 */
final class SpreadTest extends TestCase
{
    /**
     * Of one run as long as something asks: (1.17 s)² and twice the kinds, the cord in both and the piece in both.
     */
    public function testOneFreeRunOfAnUnsaidHand(): void
    {
        $run = [new KnotTake('square', 1900.0, true, true, false)];
        $sum = (1.17 * 0.08) ** 2 + 2 * 0.03 ** 2 + 0.04 ** 2 + 0.03 ** 2 + 2 * 0.02 ** 2;

        self::assertEqualsWithDelta(sqrt($sum), (new Spread(false))->ofUse($run), 1e-9);
        self::assertEqualsWithDelta(0.12, (new Spread(false))->ofUse($run), 0.003, 'about 12 % of cord per length');
        self::assertLessThan((new Spread(false))->ofUse($run), (new Spread(true))->ofUse($run));
        self::assertSame(0.0, (new Spread(false))->ofUse([]));
    }

    public function testARunOfSoManyKnotsIsSurerThanOneOfALength(): void
    {
        $counted = [new KnotTake('square', 1900.0, false, true, false)];
        $sampled = [new KnotTake('square', 1900.0, true, true, true)];

        self::assertEqualsWithDelta(
            sqrt((0.17 * 0.08) ** 2 + 2 * 0.03 ** 2 + 0.02 ** 2),
            (new Spread(false))->ofUse($counted),
            1e-9,
        );
        self::assertEqualsWithDelta(0.04, (new Spread(false))->ofUse($sampled), 0.003, 'own samples leave the piece');
    }

    /**
     * Half of the cord in a free run, half in a counted one of another kind: the same hand is in both, the kinds are not.
     */
    public function testTwoKindsInOneCord(): void
    {
        $takes = [new KnotTake('square', 500.0, true, true, false), new KnotTake('half left', 500.0, false, true, false)];
        $push = 0.5 * 1.17 * 0.08 + 0.5 * 0.17 * 0.08;
        $kinds = 0.03 ** 2 * (0.25 + 0.25 + 0.25);
        $cord = (0.5 * 0.04) ** 2 + 0.03 ** 2;
        $piece = 0.02 ** 2 * (1 + 0.25);

        self::assertEqualsWithDelta(
            sqrt($push ** 2 + $kinds + $cord + $piece),
            (new Spread(false))->ofUse($takes),
            1e-9,
        );
    }

    /**
     * Four makers of five tie a knot between 1.13 times as long and as short as the model's.
     */
    public function testFourOfFiveMakers(): void
    {
        $far = exp(Spread::FOUR_OF_FIVE * (new Spread(false))->ofPitch(true, false));

        self::assertEqualsWithDelta(1.13, $far, 0.005);
        $range = CountRange::around(56, (new Spread(false))->ofPitch(true, false));
        self::assertSame([50, 63], [$range->least, $range->most]);
    }
}
