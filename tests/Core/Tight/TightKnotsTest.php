<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Tight;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\Group;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Lesson\Lessons;
use Rinkel\Core\Tight\Diagram;
use Rinkel\Core\Tight\Inside;
use Rinkel\Core\Tight\KnotSize;
use Rinkel\Core\Tight\Rings;
use Rinkel\Core\Tight\Tightening;
use Rinkel\Core\Tight\TightKnot;
use Rinkel\Core\Tight\TightKnots;
use Rinkel\Core\Tight\Tube;
use Rinkel\Core\Tight\TwoSpacings;

/**
 * The figures beside the knots are those of another program for ideal tubes, in another language, by the same mechanics
 * (docs/model.md).
 */
final class TightKnotsTest extends TestCase
{
    public function testEachIsALesson(): void
    {
        foreach (TightKnots::ids() as $id) {
            self::assertNotNull(Lessons::all()->named($id), $id);
            self::assertNotNull(TightKnots::named($id), $id);
        }
        self::assertNull(TightKnots::named('granny'));
    }

    /**
     * Lifted off its lesson's page, a knot still is the one that the lesson ties: its determinant, its ends joined far
     * away, is that of tables of knots (from memory): 3 of an overhand, 2 k + 1 of a barrel of k wraps, 9 of two half
     * knots.
     */
    public function testEachIsLaidAsTheKnotItIs(): void
    {
        $determinant = static fn (string $id, int $count = 3): int => Diagram::of(
            [Rings::of((TightKnots::named($id, $count) ?? throw new \LogicException($id))->laid(Inside::of(1)))[0]],
        )->determinant();
        self::assertSame(3, $determinant('overhand'));
        self::assertSame([3, 5, 7, 9], array_map(static fn (int $k): int => $determinant('barrel', $k), [1, 2, 3, 4]));
        self::assertSame(7, $determinant('sliding barrel'));
        self::assertSame(9, $determinant('square'));
        self::assertSame(9, $determinant('half left'));
        self::assertSame(3, $determinant('together', 2), 'each of its cords');
    }

    #[DataProvider('provideQuick')]
    public function testAKnotTakesWhatAnotherProgramFound(
        string $id,
        int $cores,
        float $core,
        float $use,
        float $length,
        float $spacing = 0.3,
    ): void {
        $knot = self::knot($id);
        $tight = (new Tightening($spacing))->tighten($knot->laid(Inside::of($cores, $core)));
        $taking = $knot->read($tight);

        self::assertTrue($tight->isWhole(), 'no cord went through another');
        self::assertEqualsWithDelta($use, $taking->mean(), 0.015 * $use);
        self::assertEqualsWithDelta($length, $taking->length, 0.03 * $length);
    }

    /**
     * @return iterable<string, array{string, int, float, float, float}>
     */
    public static function provideQuick(): iterable
    {
        yield 'overhand' => ['overhand', 1, 1.0, 10.08, 3.32];
        yield 'half knot of a flat band' => ['square', 1, 1.0, 7.54, 1.995];
    }

    #[DataProvider('provideMore')]
    #[Group('slow')]
    public function testMoreKnotsTakeWhatAnotherProgramFound(
        string $id,
        int $cores,
        float $core,
        float $use,
        float $length,
    ): void {
        $this->testAKnotTakesWhatAnotherProgramFound($id, $cores, $core, $use, $length, 0.18);
    }

    /**
     * @return iterable<string, array{string, int, float, float, float}>
     */
    public static function provideMore(): iterable
    {
        foreach ([
            [1, 0.5, 6.82], [1, 2, 9.06], [1, 3, 10.6], [2, 0.5, 7.27], [2, 1, 8.49], [2, 2, 11.02], [3, 1, 8.98],
            [4, 1, 9.46], [8, 1, 10.94],
        ] as [$cores, $core, $use]) {
            yield 'flat over '.$cores.' of '.$core => ['square', $cores, (float) $core, $use, 1.995];
        }
        foreach ([[1, 0.5, 18.06], [1, 2, 27.4], [2, 1, 25.12], [4, 1, 29.1]] as [$cores, $core, $use]) {
            yield 'lark over '.$cores.' of '.$core => ['vertical lark', $cores, (float) $core, $use, 3.99];
        }
        yield 'half hitch' => ['hitch', 1, 1.0, 11.01, 2.0];
        yield 'vertical lark\'s head' => ['vertical lark', 1, 1.0, 21.17, 3.99];
        yield 'double overhand' => ['double overhand', 1, 1.0, 17.27, 5.48];
        yield 'barrel of three' => ['barrel', 1, 1.0, 24.42, 7.56];
    }

    #[Group('slow')]
    public function testASpiralTurns(): void
    {
        $knot = self::knot('half left');
        $taking = $knot->read((new Tightening(0.3))->tighten($knot->laid(Inside::of(1))));

        self::assertEqualsWithDelta(7.43, $taking->mean(), 0.12);
        self::assertEqualsWithDelta(1.7, $taking->length, 0.2);
        self::assertEqualsWithDelta(45, abs($taking->turn), 10);
    }

    /**
     * Softer cord gives way: less of it goes into a knot, and the knot is shorter.
     */
    #[Group('slow')]
    public function testASofterCordTakesLess(): void
    {
        $knot = self::knot('square');
        $taken = static function (float $hardness) use ($knot): KnotSize {
            $cord = Tube::ideal()->asHardAs($hardness);

            return $knot->read((new Tightening(0.3))->tighten($knot->laid(Inside::of(1)), $cord));
        };
        [$hard, $soft] = [$taken(\INF), $taken(30)];

        self::assertLessThan(0.99 * $hard->mean(), $soft->mean());
        self::assertLessThan(0.99 * $hard->length, $soft->length);
        self::assertGreaterThan(0.8 * $hard->mean(), $soft->mean());
    }

    /**
     * Pushed, knots lie nearer together.
     */
    #[Group('slow')]
    public function testPushedKnotsLieNearer(): void
    {
        $knot = self::knot('half left');
        $length = static fn (float $push): float => $knot->read(
            (new Tightening(0.3))->tighten($knot->laid(Inside::of(1), $push)),
        )->length;

        self::assertLessThan($length(0.0), $length(0.3));
    }

    #[Group('slow')]
    public function testTwoSpacingsTellTheError(): void
    {
        $knot = self::knot('overhand');
        $found = TwoSpacings::of($knot, $knot->laid(Inside::of(1)), 0.3);

        self::assertEqualsWithDelta(10.09, $found->taking->mean(), 0.04);
        self::assertGreaterThan(0.0, $found->error->mean());
        self::assertLessThan(0.15, $found->error->mean());
    }

    private static function knot(string $id): TightKnot
    {
        return TightKnots::named($id) ?? throw new \LogicException('No '.$id.'.');
    }
}
