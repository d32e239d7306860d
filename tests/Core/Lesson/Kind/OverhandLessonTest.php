<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Lesson\Kind;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Lesson\Lessons;
use Rinkel\Core\Lesson\Topic;

final class OverhandLessonTest extends TestCase
{
    /**
     * @param list<string> $cords
     */
    #[DataProvider('provideLessons')]
    public function testItIsTaughtStepByStepByEitherHand(string $id, Topic $topic, int $frames, array $cords): void
    {
        foreach ([Side::Left, Side::Right] as $side) {
            $lesson = Lessons::all()->named($id, $side);
            self::assertNotNull($lesson);
            self::assertSame($topic, $lesson->topic);
            self::assertCount($frames, $lesson->frames);
            self::assertSame($cords, array_map(static fn (Course $course): string => $course->name, $lesson->open));
            self::assertCount(\count($lesson->open), $lesson->tied, 'each cord is drawn open and tied');
            self::assertSame([], array_diff($cords, array_keys($lesson->roles)), 'each cord has its part');
            self::assertContains('working', $lesson->roles);
            self::assertLessThanOrEqual(
                \count($lesson->courses($frames - 1)),
                \count($lesson->courses(0)),
                'no cord goes away',
            );
        }
    }

    /**
     * @return iterable<string, array{string, Topic, int, list<string>}>
     */
    public static function provideLessons(): iterable
    {
        yield 'overhand' => ['overhand', Topic::Knot, 4, ['cord']];
        yield 'together' => ['together', Topic::Knot, 4, ['cord-1', 'cord-2']];
        yield 'net' => ['net', Topic::Knot, 4, ['cord-1', 'cord-2']];
        yield 'loop' => ['loop', Topic::Start, 4, ['cord-1', 'cord-2']];
        yield 'button' => ['button', Topic::Closure, 4, ['cord-1', 'cord-2']];
        yield 'fastened' => ['fastened', Topic::Closure, 4, ['cord-1', 'cord-2']];
    }
}
