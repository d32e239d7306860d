<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson;

use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Knot\Side;

/**
 * How something is tied, begun, closed or finished, frame by frame: the same cords as in the drawing, laid open, each
 * as far as its end has come.
 *
 * The piece begins uppermost: x of a course goes down the page, y to the left.
 *
 * @internal
 */
final readonly class Lesson
{
    /**
     * @param string                      $id     "square", "half left", "lark", …
     * @param non-empty-list<Course>      $open   all cords as they lie before anything is pulled
     * @param non-empty-list<Course>      $tied   the same, drawn tight
     * @param array<string, string>       $roles  what each cord is, by its name: working, core, ring
     * @param non-empty-list<Frame>       $frames
     * @param Side                        $side   that of the cord which begins
     * @param list<array{string, string}> $folds  two cords whose ends are the fold of one
     */
    public function __construct(
        public string $id,
        public Topic $topic,
        public array $open,
        public array $tied,
        public array $roles,
        public array $frames,
        public Side $side = Side::Left,
        public array $folds = [],
    ) {}

    /**
     * Returns the cords of a frame, each as far as it has come; those not there yet are left out.
     *
     * @return array<string, Course> by name
     */
    public function courses(int $frame): array
    {
        $now = $this->frames[$frame] ?? $this->frames[0];
        $courses = [];
        foreach ($this->open as $i => $open) {
            $reached = $now->reached[$open->name] ?? null;
            $course = 0.0 === $now->tight ? $open : $open->blended($this->tied[$i] ?? $open, $now->tight);
            if (null === $reached) {
                $courses[$open->name] = $course;
            } elseif ($reached > 0) {
                $courses[$open->name] = $course->until($reached);
            }
        }

        foreach ($this->folds as [$one, $other]) {
            if (isset($courses[$one], $courses[$other])) {
                $courses[$one.'-fold'] = self::fold($one.'-fold', $courses[$one], $courses[$other]);
            }
        }

        return $courses;
    }

    /**
     * Returns what joins the ends of two cords that lie side by side.
     */
    private static function fold(string $name, Course $one, Course $other): Course
    {
        [$a, $b] = [$one->end(), $other->end()];
        $before = $one->points[max(0, \count($one->points) - 2)] ?? $a;
        $length = max(1e-9, $before->distanceTo($a));
        $reach = $a->distanceTo($b) * 0.8;
        $level = $one->levels[max(0, \count($one->levels) - 1)] ?? 1;
        $out = [
            ($a->x + $b->x) / 2 + $reach * ($a->x - $before->x) / $length,
            ($a->y + $b->y) / 2 + $reach * ($a->y - $before->y) / $length,
        ];

        return Course::through($name, [[$a->x, $a->y, $level], [...$out, $level], [$b->x, $b->y, $level]]);
    }

    /**
     * Returns the same by the other hand: what a mirror shows.
     */
    public function mirrored(): self
    {
        $mirror = static fn (Course $course): Course => $course->mirrored();

        return new self(
            $this->id,
            $this->topic,
            array_map($mirror, $this->open),
            array_map($mirror, $this->tied),
            $this->roles,
            array_map(static fn (Frame $frame): Frame => $frame->mirrored(), $this->frames),
            $this->side->other(),
            $this->folds,
        );
    }
}
