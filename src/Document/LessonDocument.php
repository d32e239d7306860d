<?php

declare(strict_types=1);

namespace Rinkel\App\Document;

use Rinkel\App\Lesson\LessonWords;
use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Lesson\Frame;
use Rinkel\Core\Lesson\Lesson;
use Rinkel\Core\Lesson\Pull;
use Rinkel\Core\Lesson\Thing;

/**
 * A lesson as a document, docs/lesson.schema.json: its cords as lines with levels, open and tied, and how far each has
 * come in every frame.
 */
final readonly class LessonDocument
{
    public function __construct(private LessonWords $words) {}

    /**
     * @return array<string, mixed>
     */
    public function of(Lesson $lesson): array
    {
        return [
            'format' => 'rinkel-lesson',
            'version' => 1,
            'lesson' => $lesson->id,
            'title' => $this->words->title($lesson->id),
            'for' => $this->words->for($lesson->id),
            'wrong' => $this->words->wrong($lesson->id),
            'topic' => $lesson->topic->value,
            'begins' => $lesson->side->value,
            'cords' => array_map(static fn (Course $open, Course $tied): array => [
                'name' => $open->name,
                'is' => $lesson->roles[$open->name] ?? 'working',
                'open' => array_map(self::point(...), $open->points),
                'tied' => array_map(self::point(...), $tied->points),
                'levels' => $open->levels,
            ], $lesson->open, $lesson->tied),
            'frames' => array_map(fn (Frame $frame, int $i): array => array_filter([
                'say' => $this->words->frame($lesson, $i),
                'reached' => (object) array_map(
                    static fn (float $reached): float => round($reached, 3),
                    $frame->reached,
                ),
                'moves' => $frame->moves,
                'hand' => $frame->hand?->value,
                'pull' => array_map(static fn (Pull $pull): array => [
                    'cord' => $pull->course, 'at' => $pull->isTail ? 'end' : 'beginning',
                ], $frame->pulls),
                'tight' => $frame->tight,
                'things' => array_map(static fn (Thing $thing): array => [
                    'what' => $thing->what->value,
                    'level' => $thing->level,
                    'outline' => array_map(self::point(...), $thing->outline),
                ], $frame->things),
            ], static fn (mixed $value): bool => null !== $value), $lesson->frames, array_keys($lesson->frames)),
        ];
    }

    /**
     * @return array{float, float}
     */
    private static function point(Point $point): array
    {
        return [round($point->x, 3), round($point->y, 3)];
    }
}
