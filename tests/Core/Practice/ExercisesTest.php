<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Practice;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Xoshiro256StarStar;
use Random\Randomizer;
use Rinkel\Core\Drawing\Layout;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Practice\Boxes;
use Rinkel\Core\Practice\Exercise;
use Rinkel\Core\Practice\Exercises;
use Rinkel\Core\Practice\Question;
use Rinkel\Tests\Core\Examples;

final class ExercisesTest extends TestCase
{
    /**
     * Every question has answers of which no two are alike, one of them right; the same numbers ask the same.
     */
    #[DataProvider('provideExercises')]
    public function testQuestionsCanBeAnswered(Exercise $exercise): void
    {
        $asked = [];
        for ($seed = 1; $seed <= 200; ++$seed) {
            $question = self::ask($exercise, $seed);
            self::assertEquals($question, self::ask($exercise, $seed));
            self::assertArrayHasKey($question->right, $question->answers);
            $answers = array_map(static fn (Message $said): string => serialize($said), $question->answers);
            self::assertSame($answers, array_unique($answers), 'seed '.$seed);
            $asked[serialize($question)] = true;
        }
        self::assertGreaterThan(8, \count($asked), 'it is asked in many ways');
        self::assertInstanceOf($exercise::class, Exercises::all()[$exercise->id()] ?? null);
    }

    /**
     * @return iterable<string, array{Exercise}>
     */
    public static function provideExercises(): iterable
    {
        foreach (Exercises::all() as $id => $exercise) {
            yield $id => [$exercise];
        }
    }

    /**
     * The right side is the one that a maker comes to who ties the half knots one after the other.
     */
    public function testTheNextSideIsTiedOut(): void
    {
        for ($seed = 1; $seed <= 100; ++$seed) {
            foreach (Side::cases() as $side) {
                $question = self::ask(Exercises::all()['next-side'], $seed, $side);
                $turns = 'next-turning' === $question->asked->key;
                $at = $side->value;
                $last = '';
                $halves = $question->asked->values['halves'];
                self::assertIsInt($halves);
                for ($i = 0; $i < $halves; ++$i) {
                    $last = $at;
                    $at = $turns ? $at : ('left' === $at ? 'right' : 'left');
                }
                self::assertSame($last, $question->asked->values['side']);
                self::assertSame('side-'.$at, $question->answers[$question->right]->key);
            }
        }
    }

    /**
     * What is drawn is what is asked: as many square knots as the right answer says stand in the drawing.
     */
    public function testWhatIsDrawnIsWhatIsRight(): void
    {
        for ($seed = 1; $seed <= 40; ++$seed) {
            $question = self::ask(Exercises::all()['count-bumps'], $seed);
            self::assertSame(
                $question->answers[$question->right]->values['count'],
                self::drawn($question->pattern ?? '', 'square'),
            );
            $question = self::ask(Exercises::all()['flat-or-turning'], $seed);
            $right = $question->answers[$question->right]->key;
            self::assertSame('lies-flat' === $right, self::drawn($question->pattern ?? '', 'square') > 0);
            self::assertSame('turns-left' === $right, str_contains($question->pattern ?? '', 'half left'));
            $question = self::ask(Exercises::all()['find-fault'], $seed);
            $runs = explode(', ', $question->pattern ?? '');
            self::assertSame(1 === \count($runs), 'no-fault' === $question->answers[$question->right]->key);
            if (\count($runs) > 1) {
                self::assertSame((int) $runs[0], $question->answers[$question->right]->values['count']);
            }
        }
    }

    /**
     * How many are left by the rule of three, from what is said alone.
     */
    public function testHowManyAreLeftIsByTheRuleOfThree(): void
    {
        for ($seed = 1; $seed <= 100; ++$seed) {
            $question = self::ask(Exercises::all()['how-many-left'], $seed);
            ['tied' => $tied, 'reached' => $reached, 'body' => $body] = $question->asked->values;
            self::assertIsInt($tied);
            self::assertInstanceOf(Length::class, $reached);
            self::assertInstanceOf(Length::class, $body);
            $left = $body->minus($reached)->millimetres / ($reached->millimetres / $tied);
            self::assertSame((int) round($left), $question->answers[$question->right]->values['count']);
        }
    }

    /**
     * Common practice: synthetic cord is singed, what grew is glued.
     */
    public function testWhatMeltsIsSinged(): void
    {
        $told = [];
        for ($seed = 1; $seed <= 300; ++$seed) {
            $question = self::ask(Exercises::all()['which-finish'], $seed);
            $fibre = $question->asked->values['fibre'];
            self::assertIsString($fibre);
            $told[$fibre] = $question->answers[$question->right]->key;
        }
        ksort($told);
        self::assertSame([
            'cotton' => 'finish-glue', 'hemp' => 'finish-glue', 'leather' => 'finish-glue', 'linen' => 'finish-glue',
            'nylon' => 'finish-singe', 'polyester' => 'finish-singe', 'satin' => 'finish-singe',
            'silk' => 'finish-glue',
            'suede' => 'finish-glue', 'waxed_cotton' => 'finish-glue',
        ], $told);
    }

    public function testWhatIsKnownWaitsTwiceAsLongEachTime(): void
    {
        [$box, $days] = [1, []];
        for ($i = 0; $i < 6; ++$i) {
            $box = Boxes::after($box, true);
            $days[] = Boxes::days($box);
        }
        self::assertSame([1, 2, 4, 8, 8, 8], $days);
        self::assertSame(1, Boxes::after($box, false));
        self::assertSame(0, Boxes::days(1));
    }

    private static function ask(Exercise $exercise, int $seed, Side $side = Side::Left): Question
    {
        return $exercise->ask(new Randomizer(new Xoshiro256StarStar($seed)), $side);
    }

    private static function drawn(string $pattern, string $word): int
    {
        $scene = (new Layout(Examples::plan(['pattern' => $pattern])))->flat();

        return array_sum(array_map(
            static fn (Placed $placed): int => str_contains($placed->motif->name, $word)
                || 'flat' === $placed->motif->name
                ? $placed->count * $placed->knots
                : 0,
            array_filter($scene->placed, static fn (Placed $placed): bool => 'working' === $placed->role),
        ));
    }
}
