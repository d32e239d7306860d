<?php

declare(strict_types=1);

namespace Rinkel\App\Paper;

use Rinkel\App\Lesson\Cords;
use Rinkel\App\Lesson\LessonWords;
use Rinkel\App\Svg\LessonDrawing;
use Rinkel\Core\Lesson\Lesson;
use Rinkel\Core\Measure\Unit;

/**
 * A card that teaches one thing: every frame with what is done in it, and what goes wrong.
 */
final readonly class LessonPaper
{
    public function __construct(
        private Words $words,
        private LessonWords $lessons,
    ) {}

    /**
     * @param array<string, string> $colours of cords, by what they are
     */
    public function pdf(Lesson $lesson, Unit $unit, array $colours = Cords::COLOURS): string
    {
        $title = $this->lessons->title($lesson->id);
        $page = $this->words->page($title);
        $page->title($title, $this->lessons->for($lesson->id));
        $this->frames($page, $lesson, $colours);
        $page->heading($this->words->of('knots.wrong'));
        $page->text9($this->lessons->wrong($lesson->id));

        return $page->pdf();
    }

    /**
     * Adds what else has to be known to a sheet: how something is tied, frame by frame, and what goes wrong.
     *
     * @param array<string, string> $colours of cords, by what they are
     */
    public function add(Page $page, Lesson $lesson, array $colours): void
    {
        $page->heading($this->lessons->title($lesson->id));
        $this->frames($page, $lesson, $colours);
        $page->text9($this->lessons->wrong($lesson->id));
    }

    /**
     * @param array<string, string> $colours
     */
    private function frames(Page $page, Lesson $lesson, array $colours): void
    {
        $title = $this->lessons->title($lesson->id);
        $drawing = new LessonDrawing($lesson, $colours, $this->lessons->letters());
        $page->pictures(array_map(fn (int $frame): array => [
            $drawing->frame($frame, $title), $this->lessons->frame($lesson, $frame),
        ], array_keys($lesson->frames)));
    }
}
