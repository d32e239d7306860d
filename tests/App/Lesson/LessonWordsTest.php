<?php

declare(strict_types=1);

namespace Rinkel\Tests\App\Lesson;

use Rinkel\App\Lesson\LessonWords;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Lesson\Lessons;
use Rinkel\Tests\App\WebCase;

final class LessonWordsTest extends WebCase
{
    public function testEveryLessonHasWordsForAllItsPictures(): void
    {
        $words = self::getContainer()->get(LessonWords::class);
        foreach (Lessons::all()->ids() as $id) {
            $lesson = Lessons::all()->named($id);
            self::assertNotNull($lesson);
            $said = [$words->title($id), $words->for($id), $words->wrong($id)];
            foreach (array_keys($lesson->frames) as $frame) {
                $said[] = $words->frame($lesson, $frame);
            }
            foreach ($said as $one) {
                self::assertDoesNotMatchRegularExpression('/^[a-z-]+\.[a-z0-9-]+$|\{/', $one, $id);
            }
            self::assertCount(\count($said), array_unique($said), $id.' says no sentence twice');
        }
    }

    /**
     * What is tied from the right is told the other way round.
     */
    public function testTheSidesOfALessonChangePlaces(): void
    {
        $words = self::getContainer()->get(LessonWords::class);
        [$left, $right] = array_map(
            static fn (Side $side): string => $words->frame(
                Lessons::all()->named('square', $side) ?? self::fail('It is taught.'),
                1,
            ),
            [Side::Left, Side::Right],
        );

        self::assertNotSame($left, $right);
        self::assertSame($right, strtr($left, [
            'left' => 'right', 'right' => 'left', 'Left' => 'Right', 'Right' => 'Left',
        ]));
    }

    public function testAKnotOfTheMakersOwnHasItsNameForATitle(): void
    {
        $words = self::getContainer()->get(LessonWords::class);

        self::assertSame('Quay knot', $words->title('quay knot'));
        self::assertSame('Überhand', $words->title('überhand'));
        self::assertSame($words->for('quay knot'), $words->for('another'), 'the same of all own ones');
        self::assertSame('quay-knot', LessonWords::slug('quay knot'));
    }
}
