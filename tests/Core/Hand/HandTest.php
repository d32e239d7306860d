<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Hand;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Hand\Hand;
use Rinkel\Core\Hand\Observation;
use Rinkel\Core\Hand\Posterior;
use Rinkel\Core\Knot\Kind\Square;
use Rinkel\Core\Knot\KnotBook;
use Rinkel\Core\Knot\KnotTake;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\CountRange;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\Core\Examples;

/**
 * The spread between makers against makers drawn by chance, and against sums by hand.
 */
final class HandTest extends TestCase
{
    /**
     * Of one run as long as something asks: (1.17 s)² and twice the kinds, the cord in both and the piece in both.
     */
    public function testOneFreeRunOfAnUnsaidHand(): void
    {
        $run = [new KnotTake('square', 1900.0, true, true, false)];
        $sum = (1.17 * 0.08) ** 2 + 2 * 0.03 ** 2 + 0.04 ** 2 + 0.03 ** 2 + 2 * 0.02 ** 2;

        self::assertEqualsWithDelta(sqrt($sum), self::use($run), 1e-9);
        self::assertEqualsWithDelta(0.12, self::use($run), 0.003, 'about 12 % of cord per length');
        self::assertLessThan(self::use($run), self::use($run, Tension::Even));
        self::assertSame(0.0, self::use([]));
    }

    public function testARunOfSoManyKnotsIsSurerThanOneOfALength(): void
    {
        $counted = [new KnotTake('square', 1900.0, false, true, false)];
        $sampled = [new KnotTake('square', 1900.0, true, true, true)];

        self::assertEqualsWithDelta(
            sqrt((0.17 * 0.08) ** 2 + 2 * 0.03 ** 2 + 0.02 ** 2),
            self::use($counted),
            1e-9,
        );
        self::assertEqualsWithDelta(0.04, self::use($sampled), 0.003, 'own samples leave the piece');
    }

    /**
     * Half of the cord in a free run, half in a counted one of another kind: the same hand is in both, the kinds are
     * not.
     */
    public function testTwoKindsInOneCord(): void
    {
        $takes = [
            new KnotTake('square', 500.0, true, true, false),
            new KnotTake('half left', 500.0, false, true, false),
        ];
        $push = 0.5 * 1.17 * 0.08 + 0.5 * 0.17 * 0.08;
        $kinds = 0.03 ** 2 * (0.25 + 0.25 + 0.25);
        $cord = (0.5 * 0.04) ** 2 + 0.03 ** 2;
        $piece = 0.02 ** 2 * (1 + 0.25);

        self::assertEqualsWithDelta(
            sqrt($push ** 2 + $kinds + $cord + $piece),
            self::use($takes),
            1e-9,
        );
    }

    /**
     * Four makers of five tie a knot between 1.13 times as long and as short as the model's.
     */
    public function testFourOfFiveMakers(): void
    {
        $far = exp(1.2816 * self::pitch());

        self::assertEqualsWithDelta(1.13, $far, 0.005);
        $range = CountRange::around(56, self::pitch());
        self::assertSame([50, 63], [$range->least, $range->most]);
    }

    /**
     * A maker whose knots are a tenth shorter than the model and take more has shorter knots, and pieces cut longer, in
     * each kind and cord as far as her samples reach.
     */
    public function testWhatIsKnownOfAHandMovesItsKnots(): void
    {
        $hand = new Hand([new Observation('a', 'square', Hand::cord(self::cord()), -0.1, 0.012, 0.02, 0.01)]);
        $core = new Bundle(Length::ofMillimetres(1), 2);
        $plain = (new KnotBook(null))->around(new Square(), $core, self::cord());
        $known = (new KnotBook(null, touch: $hand))->around(new Square(), $core, self::cord());
        self::assertEqualsWithDelta(
            -0.094465,
            log($known->pitch->ratioTo($plain->pitch)),
            1e-5,
            'as the reference says',
        );
        self::assertEqualsWithDelta(0.018203, log($known->use->ratioTo($plain->use)), 1e-5);
        self::assertLessThan(0.5 * self::use([self::free()]), $hand->spreadOfUse([self::free()], self::cord(), null));

        // Who said that she pushes hard has that in her model already: only what is beyond it moves.
        $firm = (new KnotBook(Tension::Firm))->around(new Square(), $core, self::cord());
        $alike = new Hand([new Observation('a', 'square', Hand::cord(self::cord()), -0.22, 0.012, 0.0374, 0.01)]);
        $moved = (new KnotBook(Tension::Firm, touch: $alike))->around(new Square(), $core, self::cord());
        self::assertEqualsWithDelta(1, $moved->pitch->ratioTo($firm->pitch), 1e-6);
        self::assertEqualsWithDelta(1, $moved->use->ratioTo($firm->use), 1e-6);
    }

    public function testAHandIsKnownFromAFewSamplesOn(): void
    {
        $sample = static fn (int $i, string $kind): Observation => new Observation(
            'p'.$i,
            $kind,
            'waxed',
            -0.1,
            0.007,
            0.02,
            0.003,
        );
        self::assertFalse((new Hand())->isKnown());
        self::assertTrue((new Hand([$sample(1, 'square'), $sample(2, 'half'), $sample(3, 'square')]))->isKnown());
        $plan = (new Planner(hand: static fn (): Hand => new Hand([$sample(1, 'square'), $sample(2, 'half')])))
            ->plan(Examples::piece(['tension' => null]));
        self::assertNull(Examples::check($plan, 'tension-unsaid'), 'nobody has to say what was measured');
        self::assertNotNull(Examples::check(Examples::plan(['tension' => null]), 'tension-unsaid'));
    }

    public function testWhatDisagreesWithTheOthersIsPointedOut(): void
    {
        $like = static fn (int $i, float $pitch): Observation => new Observation(
            'p'.$i,
            'square',
            'waxed',
            $pitch,
            0.012,
            0.02,
            0.01,
        );
        $odd = (
            new Hand([...array_map(static fn (int $i): Observation => $like($i, -0.1), range(1, 5)), $like(6, 0.12)])
        )->odd(null);
        self::assertSame([5], array_keys($odd), 'and it alone, however far it draws the others');
        self::assertGreaterThan(3, $odd[5]);
        self::assertSame(
            [],
            (new Hand(array_map(static fn (int $i): Observation => $like($i, -0.1), range(1, 5))))->odd(null),
        );
    }

    /**
     * What is told without learning anew is what learning from all the others says.
     */
    public function testItIsAsFarOffAsLearningFromTheOthersSays(): void
    {
        $all = [];
        foreach ([-0.1, -0.09, -0.12, 0.15, -0.08] as $i => $pitch) {
            $kind = \in_array($i, [1, 4], true) ? 'half' : 'square';
            $all[] = new Observation('p'.$i, $kind, 'waxed', $pitch, 0.012, 0.02, 0.01);
        }
        $others = array_values(array_diff_key($all, [3 => 0]));
        $expected = (new Posterior($others, null))->expect('square', 'waxed');
        self::assertEqualsWithDelta(
            abs(0.15 - $expected->pitch) / hypot($expected->pitchSpread, 0.012),
            (new Hand($all))->odd(null)[3] ?? 0.0,
            1e-3,
            'its other measure, which tells of the same hand, makes no more difference than that',
        );
    }

    /**
     * @param list<KnotTake> $takes
     */
    private static function use(array $takes, ?Tension $said = null): float
    {
        return (new Hand())->spreadOfUse($takes, self::cord(), $said);
    }

    private static function pitch(): float
    {
        return (new Hand())->spreadOfPitch('square', self::cord(), true, false, null);
    }

    private static function free(): KnotTake
    {
        return new KnotTake('square', 1900.0, true, true, false);
    }

    private static function cord(): Cord
    {
        return new Cord(Fibre::Polyester, Length::ofMillimetres(1), Colour::parse('#2f6f8f'));
    }
}
