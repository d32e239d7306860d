<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Lesson;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Knot\KnownKnots;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Lesson\Kind;
use Rinkel\Core\Lesson\Lesson;
use Rinkel\Core\Lesson\Lessons;
use Rinkel\Core\Plan\Planner;
use Rinkel\Core\Work\ActKind;
use Rinkel\Tests\Core\Examples;
use Rinkel\Tests\Core\Toy\PinLesson;

/**
 * What is taught is what is tied: every step has its lesson, the cords of the last frame are the knot of that name, and
 * on the way there none goes through another.
 */
final class LessonsTest extends TestCase
{
    /** What ties, fastens or finishes: each of these is learnt, all else is said in its sentence. */
    private const LEARNT = [
        ActKind::Tip, ActKind::Hang, ActKind::Link, ActKind::Tie, ActKind::Wind, ActKind::Braid, ActKind::Lace,
        ActKind::Weave, ActKind::Net,
        ActKind::Loop, ActKind::Gather, ActKind::Bind, ActKind::Attach, ActKind::Cover, ActKind::Stop, ActKind::Secure,
        ActKind::Fray,
        ActKind::Sew,
    ];

    public function testEveryKnotOfTheBookIsTaught(): void
    {
        self::assertSame([], array_diff(KnownKnots::all()->words(), Lessons::all()->ids()));
    }

    public function testEveryActThatTiesFastensOrFinishesHasItsLesson(): void
    {
        $taught = [];
        foreach (Examples::shipped() as $name => $piece) {
            $plan = (new Planner())->plan($piece);
            $lessons = Lessons::forPiece($plan->draft->piece);
            foreach ($plan->acts()->all as $act) {
                $id = $lessons->of($act);
                self::assertSame(
                    null !== $id || \in_array($act->does, self::LEARNT, true),
                    null !== $lessons->named($id ?? ''),
                    $name.': '.$act->does->value.', '.$act->said->key.' is taught by '.($id ?? 'none'),
                );
                $taught[$id ?? ''] = true;
            }
        }
        self::assertGreaterThan(25, \count($taught));
    }

    public function testALessonFromOutsideIsFoundAndTurnedRound(): void
    {
        $lessons = new Lessons(new PinLesson());
        self::assertSame(['pin'], $lessons->ids());
        self::assertNull($lessons->named('square'));
        $lesson = $lessons->named('pin');
        self::assertNotNull($lesson);
        self::assertCount(2, Tangle::loose($lesson->courses(2))->walk(), 'it lies over the other, through nothing');
        $mirrored = $lessons->named('pin', Side::Right);
        self::assertNotNull($mirrored);
        self::assertSame(Side::Right, $mirrored->side);
        self::assertEqualsWithDelta(
            -$lesson->courses(2)['left']->points[0]->y,
            $mirrored->courses(2)['left']->points[0]->y,
            1e-9,
        );
    }

    #[DataProvider('provideLessons')]
    public function testNoEndGoesBackAndTheLastFrameShowsAll(string $id): void
    {
        $lesson = self::lesson($id);
        self::assertGreaterThanOrEqual(3, \count($lesson->frames));
        self::assertLessThanOrEqual(8, \count($lesson->frames));
        $isCut = \in_array($id, ['singe', 'glue', 'tip', 'fray', 'ring'], true);
        $reached = [];
        foreach ($lesson->frames as $i => $frame) {
            $here = $lesson->courses($i);
            foreach ($lesson->open as $course) {
                $now = $frame->reached[$course->name] ?? $course->length();
                $before = $reached[$course->name] ?? 0.0;
                self::assertTrue($isCut || $now >= $before - 1e-9, $id.' '.$i.' '.$course->name);
                self::assertSame($now > 0, isset($here[$course->name]));
                $reached[$course->name] = $now;
            }
            self::assertTrue(null === $frame->moves || isset($here[$frame->moves]), 'what moves is there');
            foreach ($frame->pulls as $pull) {
                self::assertArrayHasKey($pull->course, $here);
            }
        }
        foreach ($lesson->open as $course) {
            self::assertArrayHasKey($course->name, $lesson->roles);
            $isWhole = $reached[$course->name] >= $course->length() - 1e-9;
            self::assertTrue($isCut || $isWhole, $course->name.' lies whole');
        }
    }

    /**
     * What is at one level never crosses, laid open, drawn tight, or between: so nothing goes through anything.
     */
    #[DataProvider('provideLessons')]
    public function testNothingGoesThroughAnything(string $id): void
    {
        $lesson = self::lesson($id);
        for ($step = 0; $step <= 20; ++$step) {
            $passed = Tangle::loose(array_map(
                static fn (Course $open, Course $tied): Course => $open->blended($tied, $step / 20),
                $lesson->open,
                $lesson->tied,
            ))->walk();
            self::assertCount(\count($lesson->open), $passed);
        }
        foreach (array_keys($lesson->frames) as $frame) {
            self::assertCount(\count($lesson->courses($frame)), Tangle::loose($lesson->courses($frame))->walk());
        }
    }

    /**
     * Laid open, the middles of two cords are at least six tenths of a diameter apart where they lie in one hand, and
     * nearly a whole one elsewhere; of a knot that is tied already, four fifths.
     */
    #[DataProvider('provideLessons')]
    public function testOpenFramesAreClear(string $id): void
    {
        $lesson = self::lesson($id);
        $least = \INF;
        foreach ($lesson->open as $a => $one) {
            foreach (\array_slice($lesson->open, $a) as $other) {
                $least = min($least, self::clearance($one, $other));
            }
        }
        $isTight = \in_array($id, ['together', 'loop', 'button', 'interlace', 'hide', 'cover'], true);
        self::assertGreaterThan($isTight ? 0.6 : 0.85, $least);
    }

    #[DataProvider('provideLessons')]
    public function testTheOtherHandIsTheExactMirrorImage(string $id): void
    {
        $lesson = self::lesson($id);
        $mirrored = $lesson->mirrored();
        self::assertEquals($lesson, $mirrored->mirrored());
        foreach (array_keys($lesson->frames) as $i) {
            $there = $mirrored->courses($i);
            foreach ($lesson->courses($i) as $name => $course) {
                if (!str_ends_with($name, '-fold')) {
                    self::assertEquals($course, $there[$name]->mirrored());
                }
            }
            self::assertSame($lesson->frames[$i]->hand?->other(), $mirrored->frames[$i]->hand);
        }
    }

    public function testASpiralFromTheRightMirrorsOneFromTheLeft(): void
    {
        $left = self::lesson('half left')->mirrored();
        $right = self::lesson('half right');
        foreach ($left->open as $course) {
            // The mirror image of the left cord is a right one.
            $twin = array_values(array_filter($right->open, static fn (Course $other): bool => $other->name === [
                'left' => 'right', 'right' => 'left', 'core-1' => 'core-2', 'core-2' => 'core-1',
            ][$course->name]))[0];
            self::assertSame($course->levels, $twin->levels);
            foreach ($course->points as $i => $point) {
                self::assertEqualsWithDelta(0.0, $point->distanceTo($twin->points[$i] ?? $point), 1e-9);
            }
        }
        self::assertEquals($right, Lessons::all()->named('half right', Side::Right), 'its side is in its name');
    }

    /**
     * The Jones polynomial tells which knot a closed line is (V. F. R. Jones, "A polynomial invariant for knots via von
     * Neumann algebras", 1985, from memory). A coil of k turns with its end through it is the torus knot of 2 and
     * 2k + 1: an overhand is a trefoil.
     */
    public function testACoilOfAsManyTurnsIsTheTorusKnotOfThatName(): void
    {
        $overhand = self::alone(self::lesson('overhand'), ['cord']);
        self::assertSame([-4 => -1, -3 => 1, -1 => 1], $overhand->jones(), 'a trefoil');
        foreach ([1, 2, 3] as $turns) {
            foreach ([false, true] as $slides) {
                $lesson = (new Kind\WoundKnotLesson('coil', $turns, $slides))->lesson();
                self::assertSame(self::torus(2 * $turns + 1), self::alone($lesson, ['cord'])->jones());
            }
        }
        self::assertSame(self::torus(5), self::alone(self::lesson('double overhand'), ['cord'])->jones());
    }

    public function testASquareKnotIsTwoTrefoilsOfEitherHandAndTheSameSideTwiceIsNone(): void
    {
        $left = [-4 => -1, -3 => 1, -1 => 1];
        $right = [1 => 1, 3 => 1, 4 => -1];
        foreach ([self::lesson('square'), self::lesson('slider')] as $square) {
            self::assertSame(self::product($left, $right), self::alone($square, ['-left', 'right'])->jones());
        }
        $twice = (new Kind\HalfKnotted('twice', [Side::Left, Side::Left]))->lesson();
        self::assertSame(self::product($left, $left), self::alone($twice, ['-left', 'right'])->jones());
        $other = (new Kind\HalfKnotted('twice', [Side::Right, Side::Right]))->lesson();
        self::assertSame(self::product($right, $right), self::alone($other, ['-left', 'right'])->jones());
        // Tails and elastic: the ends come from both sides of one line.
        self::assertSame(self::product($left, $right), self::alone(self::lesson('ties'), ['-left', 'right'])->jones());
        self::assertSame(
            self::product(self::product($left, $right), $left),
            self::alone(self::lesson('elastic'), ['-left', 'right'])->jones(),
        );
    }

    /**
     * A lark's head winds about its ring and back: drawn off, nothing is left of it. Two hitches the same way wind
     * twice.
     */
    public function testHowOftenACordWindsAboutItsCore(): void
    {
        self::assertSame(1.0, abs(self::wound(self::lesson('hitch'), ['left'], 'core')));
        self::assertSame(0.0, self::wound(self::lesson('vertical lark'), ['left'], 'core'));
        self::assertSame(2.0, abs(self::wound((new Kind\Hitched('twice', [true, true]))->lesson(), ['left'], 'core')));
        self::assertSame(0.0, self::wound(self::lesson('lark'), ['-left', 'right'], 'ring'));
        self::assertSame([0 => 1], self::alone(self::lesson('lark'), ['-left', 'right'])->jones());
        self::assertSame(3.0, abs(self::wound(self::lesson('sliding barrel'), ['cord'], 'along')));
        self::assertSame(1.0, abs(self::wound(self::lesson('ring'), ['loop'], 'ring')));
        $linked = new Tangle([
            self::joined(self::lesson('linked'), ['one'], 40), self::joined(self::lesson('linked'), ['other'], 60),
        ]);
        self::assertNotSame([-2 => -1, 2 => -1], $linked->bracket(), 'two circles that do not hold each other');
    }

    public function testABraidComesBackAfterSixCrossings(): void
    {
        $walk = Tangle::loose(self::lesson('braid')->open)->walk();
        foreach ($walk as $i => $passages) {
            $over = array_map(static fn (string $one): string => explode(' ', $one)[0], $passages);
            foreach (array_chunk($over, 2) as $pair) {
                self::assertLessThanOrEqual(2, \count(array_unique($pair)));
            }
            self::assertGreaterThanOrEqual(6, \count($passages), 'strand '.$i.' passes the others twice a repeat');
        }
        $overs = array_sum(array_map(
            static fn (array $passages): int => \count(array_filter(
                $passages,
                static fn (string $one): bool => str_starts_with($one, 'over'),
            )),
            $walk,
        ));
        self::assertSame(array_sum(array_map('count', $walk)), 2 * $overs);
    }

    /**
     * @return iterable<string, array{string}>
     */
    public static function provideLessons(): iterable
    {
        foreach (Lessons::all()->ids() as $id) {
            yield $id => [$id];
        }
    }

    private static function lesson(string $id): Lesson
    {
        return Lessons::all()->named($id) ?? self::fail($id);
    }

    /**
     * @param list<string> $cords in the order in which they are gone through, with a minus of those gone backwards
     */
    private static function alone(Lesson $lesson, array $cords): Tangle
    {
        return new Tangle([self::joined($lesson, $cords, 40)]);
    }

    /**
     * @param list<string> $cords
     *
     * @return list<array{float, float, float}>
     */
    private static function joined(Lesson $lesson, array $cords, float $far): array
    {
        $byName = array_column(
            array_map(static fn (Course $course): array => [$course->name, $course], $lesson->open),
            1,
            0,
        );

        return Tangle::joined(array_map(
            static fn (string $cord): array => [$byName[ltrim($cord, '-')], str_starts_with($cord, '-')],
            $cords,
        ), $far);
    }

    /**
     * @param list<string> $cords
     */
    private static function wound(Lesson $lesson, array $cords, string $core): float
    {
        return (new Tangle([
            self::joined($lesson, $cords, 40), self::joined($lesson, [$core], 60),
        ]))->linking(0, 1);
    }

    /**
     * Returns the Jones polynomial of the left-handed torus knot of 2 and $q: that of the right-handed one is
     * t^((q − 1)/2) (1 − t³ − t^(q + 1) + t^(q + 2)) / (1 − t²), with t turned to 1/t.
     *
     * @return array<int, int>
     */
    private static function torus(int $q): array
    {
        $rest = [0 => 1, 3 => -1, $q + 1 => -1, $q + 2 => 1];
        $quotient = [];
        for ($power = 0; $power <= $q; ++$power) {
            $coefficient = $rest[$power] ?? 0;
            $rest[$power + 2] = ($rest[$power + 2] ?? 0) + $coefficient;
            if (0 !== $coefficient) {
                $quotient[-($power + intdiv($q - 1, 2))] = $coefficient;
            }
        }
        ksort($quotient);

        return $quotient;
    }

    /**
     * @param array<int, int> $one
     * @param array<int, int> $other
     *
     * @return array<int, int>
     */
    private static function product(array $one, array $other): array
    {
        $product = [];
        foreach ($one as $a => $x) {
            foreach ($other as $b => $y) {
                $product[$a + $b] = ($product[$a + $b] ?? 0) + $x * $y;
            }
        }
        ksort($product);

        return array_filter($product, static fn (int $coefficient): bool => 0 !== $coefficient);
    }

    /**
     * Returns how near two cords come to each other, or one to itself after a way of three diameters.
     */
    private static function clearance(Course $one, Course $other): float
    {
        $along = static function (Course $course): array {
            $sum = 0.0;
            $all = [];
            foreach ($course->points as $i => $point) {
                $sum += $point->distanceTo($course->points[$i - 1] ?? $point);
                $all[] = $sum;
            }

            return $all;
        };
        $levels = static fn (Course $course, int $i): array => [
            $course->levels[$i] ?? $course->levels[$i - 1], $course->levels[max(0, $i - 1)],
        ];
        [$here, $there] = [$along($one), $along($other)];
        $isRing = $one === $other && $one->points[0]->distanceTo($one->end()) < 1;
        $least = \INF;
        foreach ($one->points as $i => $point) {
            foreach ($other->points as $j => $place) {
                if ($one === $other && ($there[$j] - $here[$i] < 3 || $isRing)) {
                    continue;
                }
                // Two halves of one cord meet in their fold.
                $isSame = $one->points[0]->distanceTo($other->points[0]) < 0.01;
                if ($one !== $other && $isSame && $here[$i] + $there[$j] < 4) {
                    continue;
                }
                $apart = \INF;
                foreach ($levels($one, $i) as $level) {
                    foreach ($levels($other, $j) as $height) {
                        $apart = min($apart, abs($level - $height));
                    }
                }
                $least = min($least, hypot(self::flat($point, $place), $apart));
            }
        }

        return $least;
    }

    private static function flat(Point $one, Point $other): float
    {
        return $one->distanceTo($other);
    }
}
