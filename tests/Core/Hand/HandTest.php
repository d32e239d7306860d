<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Hand;

use PHPUnit\Framework\TestCase;
use Rinkel\Core\Hand\Hand;
use Rinkel\Core\Hand\Made;
use Rinkel\Core\Hand\Observation;
use Rinkel\Core\Hand\Posterior;
use Rinkel\Core\Knot\Kind\Square;
use Rinkel\Core\Knot\KnotBook;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Plan\CountRange;
use Rinkel\Core\Plan\Planner;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Spread;

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
        $run = [[Made::of('square', self::cord(), true), 1.0, true]];
        $sum = (1.17 * 0.095) ** 2 + 2 * 0.03 ** 2 + 0.04 ** 2 + 0.03 ** 2 + 2 * 0.02 ** 2;

        self::assertEqualsWithDelta(sqrt($sum), self::use($run), 1e-9);
        self::assertEqualsWithDelta(0.132, self::use($run), 0.003, 'about 13 % of cord per length');
        self::assertLessThan(self::use($run), self::use($run, Tension::Even));
        self::assertSame(0.0, self::use([]));
    }

    public function testARunOfSoManyKnotsIsSurerThanOneOfALength(): void
    {
        $counted = [[Made::of('square', self::cord(), true), 1.0, false]];
        $sampled = [[Made::of('square', self::cord(), true, true), 1.0, true]];

        self::assertEqualsWithDelta(
            sqrt((0.17 * 0.095) ** 2 + 2 * 0.03 ** 2 + 0.02 ** 2),
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
            [Made::of('square', self::cord(), true), 0.5, true],
            [Made::of('half left', self::cord(), true), 0.5, false],
        ];
        $push = 0.5 * 1.17 * 0.095 + 0.5 * 0.17 * 0.095;
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
     * Four makers of five tie a knot between 1.15 times as long and as short as the model's.
     */
    public function testFourOfFiveMakers(): void
    {
        $far = exp(1.2816 * self::pitch());

        self::assertEqualsWithDelta(1.15, $far, 0.005);
        $range = CountRange::around(56, self::pitch());
        self::assertSame([49, 64], [$range->least, $range->most]);
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
            -0.095706,
            log($known->pitch->ratioTo($plain->pitch)),
            1e-5,
            'as the reference says',
        );
        self::assertEqualsWithDelta(0.01846, log($known->use->ratioTo($plain->use)), 1e-5);
        self::assertLessThan(0.5 * self::use([self::free()]), Spread::of([self::free()], null, $hand));

        // Who said that she pushes hard has that in her model already: only what is beyond it moves.
        $firm = (new KnotBook(Tension::Firm))->around(new Square(), $core, self::cord());
        $alike = new Hand([new Observation('a', 'square', Hand::cord(self::cord()), -0.13, 0.012, 0.0221, 0.01)]);
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
     * @param list<array{Made, float, bool}> $takes
     */
    private static function use(array $takes, ?Tension $said = null): float
    {
        return Spread::of($takes, $said);
    }

    private static function pitch(): float
    {
        return (new Hand())->spreadOfPitch('square', self::cord(), true, false, null);
    }

    /**
     * @return array{Made, float, bool}
     */
    private static function free(): array
    {
        return [Made::of('square', self::cord(), true), 1.0, true];
    }

    private static function cord(): Cord
    {
        return new Cord(Fibre::Polyester, Length::ofMillimetres(1), Colour::parse('#2f6f8f'));
    }
}
