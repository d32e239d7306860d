<?php

declare(strict_types=1);

namespace Rinkel\App\Svg;

use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Lesson\Frame;
use Rinkel\Core\Lesson\Lesson;
use Rinkel\Core\Svg\Svg;

/**
 * Paints the frames of a lesson as the maker has the work before them: its beginning uppermost, left on the left.
 *
 * Cords are painted as in every other drawing, level by level; each stretch says how far along its cord it lies, and
 * how it lies when the knot is tied, so that assets/lesson.js can let the ends travel without painting anything again.
 */
final readonly class LessonDrawing
{
    /** What is left free around a frame, in diameters. */
    private const AROUND = 3.9;

    /** A frame is never drawn larger than if it were so wide, in diameters. */
    private const LEAST = 15.0;

    private const METAL = '#b9bfc2';

    /** @var array<string, string> */
    private array $colours;

    /**
     * @param array<string, string> $colours of cords, by what they are: working, core, other
     * @param array<string, string> $letters that stand for a hand, by its side
     */
    public function __construct(
        private Lesson $lesson,
        array $colours,
        private array $letters,
    ) {
        // What is inside has to be told from what is tied around it, where a maker takes one cord for both.
        if (($colours['core'] ?? '') === ($colours['working'] ?? '')) {
            $colours['core'] = self::paler($colours['core'] ?? '#808080');
        }
        $this->colours = $colours;
    }

    /**
     * Returns one frame.
     */
    public function frame(int $frame, string $label): string
    {
        return Svg::drawing($this->box($frame), $label, 'lesson-frame', [], $this->painted($frame));
    }

    /**
     * Returns a frame with all that it takes to show any other.
     *
     * @param array<string, int> $attributes further ones
     */
    public function stage(int $frame, string $label, array $attributes = []): string
    {
        $boxes = array_map($this->box(...), array_keys($this->lesson->frames));
        $reached = array_map(fn (Frame $one): array => array_map(
            static fn (Course $course): float => round($one->reached[$course->name] ?? $course->length(), 3),
            $this->lesson->open,
        ), $this->lesson->frames);

        return Svg::drawing($this->box($frame), $label, 'lesson-stage', [
            'id' => 'stage',
            'data-frame' => (string) $frame,
            'data-boxes' => (string) json_encode($boxes),
            'data-reached' => (string) json_encode($reached),
            'data-tight' => (string) json_encode(array_map(
                static fn (Frame $one): float => $one->tight,
                $this->lesson->frames,
            )),
        ] + array_map(strval(...), $attributes), $this->moving($frame), ...array_map(
            fn (Frame $one, int $i): string => Svg::element('g', [
                'data-frame' => $i, 'display' => $i === $frame ? null : 'none',
            ], $this->marks($i)),
            $this->lesson->frames,
            array_keys($this->lesson->frames),
        ));
    }

    /**
     * Returns cords and things of one frame, in order of level.
     */
    private function painted(int $frame): string
    {
        $levels = [];
        foreach ($this->lesson->courses($frame) as $course) {
            foreach ($course->strand()->spans as $span) {
                $levels[$span->level][] = ['', self::path($span->points), $this->colour($course->name)];
            }
        }
        $things = $this->things($frame);
        foreach (array_keys($things) as $level) {
            $levels[$level] ??= [];
        }
        ksort($levels);
        $painted = '';
        foreach ($levels as $level => $paths) {
            $painted .= self::layers(array_map(static fn (array $one): array => [
                ['d' => $one[1]], $one[2],
            ], $paths)).($things[$level] ?? '');
        }

        return $painted.$this->marks($frame, false);
    }

    /**
     * Returns all cords whole, each stretch as it lies open and tied; what is not there yet is cut off by the page.
     */
    private function moving(int $frame): string
    {
        $levels = $this->stretches($frame);
        foreach (array_keys($this->lesson->frames) as $n) {
            foreach (array_keys($this->things($n)) as $level) {
                $levels[$level] ??= [];
            }
        }
        ksort($levels);
        $painted = '';
        foreach ($levels as $level => $paths) {
            $painted .= self::layers($paths);
            foreach (array_keys($this->lesson->frames) as $n) {
                $things = $this->things($n)[$level] ?? '';
                $painted .= '' === $things ? '' : Svg::element('g', [
                    'data-frame' => $n, 'display' => $n === $frame ? null : 'none',
                ], $things);
            }
        }

        return $painted;
    }

    /**
     * @return array<int, list<array{array<string, float|int|string|null>, string}>> each stretch, by level
     */
    private function stretches(int $frame): array
    {
        $levels = [];
        $isTight = ($this->lesson->frames[$frame]->tight ?? 0.0) > 0;
        foreach ($this->lesson->open as $i => $open) {
            $tied = $this->lesson->tied[$i] ?? $open;
            $now = $this->lesson->frames[$frame]->reached[$open->name] ?? $open->length();
            $tiedSpans = $tied->spans();
            foreach ($open->spans() as $j => [$from, $to, $span]) {
                $drawn = ($tiedSpans[$j] ?? [0.0, 0.0, $span])[2];
                $shown = $isTight ? $drawn->points : $span->points;
                $levels[$span->level][] = [[
                    'd' => self::path($shown),
                    'data-cord' => $i,
                    'data-from' => round($from, 3),
                    'data-to' => round($to, 3),
                    'data-open' => self::path($span->points),
                    'data-tied' => self::path($drawn->points),
                    'stroke-dasharray' => $now >= $to || $isTight ? null : round(max(0.0, $now - $from), 3).' 999',
                    'display' => $now <= $from && !$isTight ? 'none' : null,
                ], $this->colour($open->name)];
            }
        }

        return $levels;
    }

    /**
     * @param list<array{array<string, string|int|float|null>, string}> $paths with what else is said of each, and its
     *                                                                         colour
     */
    private static function layers(array $paths): string
    {
        $edges = '';
        $bodies = '';
        foreach ($paths as [$attributes, $colour]) {
            $edges .= Svg::element('path', $attributes + ['class' => 'cord-edge', 'color' => $colour]);
            $bodies .= Svg::element('path', $attributes + ['class' => 'cord-body', 'color' => $colour])
                .Svg::element('path', $attributes + ['class' => 'cord-light', 'transform' => 'translate(-0.15 -0.08)']);
        }

        return $edges.$bodies;
    }

    /**
     * @return array<int, string> painted things, by level
     */
    private function things(int $frame): array
    {
        $things = [];
        foreach ($this->lesson->frames[$frame]->things ?? [] as $thing) {
            $things[$thing->level] = ($things[$thing->level] ?? '').Svg::element('polygon', [
                'class' => 'thing-'.$thing->what->value,
                'color' => $this->colours['working'] ?? null,
                'points' => implode(' ', array_map(
                    static fn (Point $point): string => Svg::number(-$point->y).','.Svg::number($point->x),
                    $thing->outline,
                )),
            ]);
        }

        return $things;
    }

    /**
     * Returns where the moving end goes on, by which hand, and where to pull.
     *
     * @param bool $withLoops whether the folds of doubled cords are among them
     */
    private function marks(int $frame, bool $withLoops = true): string
    {
        $now = $this->lesson->frames[$frame] ?? $this->lesson->frames[0];
        $courses = $this->lesson->courses($frame);
        $marks = '';
        if ($withLoops) {
            foreach ($courses as $name => $course) {
                if (str_ends_with($name, '-fold')) {
                    $colour = $this->colour(substr($name, 0, -5));
                    $marks .= self::layers([[['d' => self::path($course->points)], $colour]]);
                }
            }
        }
        foreach ($now->pulls as $pull) {
            $course = $courses[$pull->course] ?? null;
            if (null !== $course) {
                $marks .= self::arrow($course, $pull->isTail, 'lesson-pull');
            }
        }
        $moves = null === $now->moves ? null : $courses[$now->moves] ?? null;

        return null === $moves
            ? $marks
            : $marks.self::arrow($moves, true, 'lesson-goes').$this->hand($moves, $now->hand);
    }

    private static function arrow(Course $course, bool $isTail, string $class): string
    {
        [$end, $way] = self::leaving($course, $isTail);
        $points = 'lesson-pull' === $class ? 'M1.1 0H3.4M2.4 -0.9L3.5 0L2.4 0.9' : 'M0.2 -0.9L1.3 0L0.2 0.9';

        return Svg::element('path', [
            'class' => $class,
            'd' => $points,
            'transform' => 'translate('.Svg::number($end->x).' '.Svg::number($end->y).') rotate('.Svg::number($way).')',
        ]);
    }

    private function hand(Course $course, ?Side $side): string
    {
        if (null === $side) {
            return '';
        }
        [$end, $way] = self::leaving($course, true);
        $x = $end->x + 2.6 * cos(deg2rad($way));
        $y = $end->y + 2.6 * sin(deg2rad($way));

        return Svg::element('circle', ['class' => 'lesson-hand', 'cx' => $x, 'cy' => $y, 'r' => 1.05])
            .Svg::element('text', [
                'class' => 'lesson-letter', 'x' => $x, 'y' => $y + 0.55, 'text-anchor' => 'middle',
                'font-size' => '1.5',
            ], Svg::text($this->letters[$side->value] ?? ''));
    }

    /**
     * Returns where an end is on the page, and to which side it looks, in degrees.
     *
     * @return array{Point, float}
     */
    private static function leaving(Course $course, bool $isTail): array
    {
        $points = $isTail ? $course->points : array_reverse($course->points);
        $last = \count($points) - 1;
        $end = $points[$last] ?? $course->points[0];
        $before = $end;
        for ($i = $last; $i >= 0 && $before->distanceTo($end) < 0.4; --$i) {
            $before = $points[$i] ?? $end;
        }

        return [
            new Point(-$end->y, $end->x),
            rad2deg(atan2($end->x - $before->x, $before->y - $end->y)),
        ];
    }

    /**
     * Returns a colour halfway to white.
     */
    private static function paler(string $hex): string
    {
        return '#'.implode('', array_map(
            static fn (string $pair): string => \sprintf('%02x', intdiv((int) hexdec($pair) + 255, 2)),
            str_split(ltrim($hex, '#'), 2),
        ));
    }

    private function colour(string $cord): string
    {
        $role = $this->lesson->roles[preg_replace('/-fold$/', '', $cord)] ?? 'working';

        return $this->colours[$role] ?? self::METAL;
    }

    /**
     * Returns what a frame shows: all open ones the same, a tied one itself.
     *
     * @return array{float, float, float, float}
     */
    private function box(int $frame): array
    {
        $points = [];
        // What lies there fills its frame; from one to the next the picture draws back as the work grows.
        foreach ($this->lesson->courses($frame) as $course) {
            array_push($points, ...$course->points);
        }
        foreach ($this->lesson->frames[$frame]->things ?? [] as $thing) {
            array_push($points, ...$thing->outline);
        }
        $across = array_map(static fn (Point $point): float => -$point->y, $points) ?: [0.0];
        $along = array_map(static fn (Point $point): float => $point->x, $points) ?: [0.0];
        $spare = max(0.0, self::LEAST - (max($across) - min($across)) - 2 * self::AROUND) / 2 + self::AROUND;

        return [
            round(min($across) - $spare, 2),
            round(min($along) - self::AROUND, 2),
            round(max($across) - min($across) + 2 * $spare, 2),
            round(max($along) - min($along) + 2 * self::AROUND, 2),
        ];
    }

    /**
     * @param list<Point> $points
     */
    private static function path(array $points): string
    {
        return 'M'.implode(' ', array_map(
            static fn (Point $point): string => Svg::number(-$point->y).','.Svg::number($point->x),
            $points,
        ));
    }
}
