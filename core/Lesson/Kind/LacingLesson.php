<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson\Kind;

use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Lesson\Frame;
use Rinkel\Core\Lesson\Lesson;
use Rinkel\Core\Lesson\Pull;
use Rinkel\Core\Lesson\Teaching;
use Rinkel\Core\Lesson\Topic;

/**
 * One lace or two through the links of a chain: down through one link, below where it joins the next, up through that.
 *
 * @internal
 */
final readonly class LacingLesson implements Teaching
{
    private const LINKS = 4;

    /**
     * @param int $laces 1, or 2 that cross
     */
    public function __construct(
        private string $id,
        private int $laces = 1,
    ) {}

    public function id(): string
    {
        return $this->id;
    }

    public function lesson(): Lesson
    {
        $open = $this->courses(8.0, 1.5);
        $laces = \array_slice($open, self::LINKS);
        $frames = [];
        for ($link = 0; $link <= self::LINKS - 1; ++$link) {
            $reached = [];
            foreach ($laces as $lace) {
                $reached[$lace->name] = $lace->station(2 + 2 * $link);
            }
            $lace = $laces[$link % $this->laces]->name ?? null;
            $frames[] = new Frame($reached, $lace, 0 === $link ? Side::Right : null);
        }
        $pulls = array_map(static fn (Course $lace): Pull => new Pull($lace->name), $laces);

        return new Lesson(
            $this->id,
            Topic::Knot,
            $open,
            $this->courses(7.0, 1.2),
            ['lace-1' => 'working', 'lace-2' => 'other']
                + array_fill_keys(array_map(static fn (int $i): string => 'link-'.$i, range(1, self::LINKS)), 'ring'),
            [...$frames, new Frame([], pulls: $pulls, tight: 1.0)],
        );
    }

    /**
     * @return non-empty-list<Course>
     */
    private function courses(float $pitch, float $aside): array
    {
        $courses = [];
        for ($link = 0; $link < self::LINKS; ++$link) {
            $courses[] = Course::of('link-'.($link + 1), array_map(
                static function (int $i) use ($link, $pitch): Point {
                    $angle = 2 * \M_PI * $i / 48;

                    return new Point(
                        $link * $pitch + 5.0 * cos($angle),
                        3.6 * sin($angle) * (1 + 0.25 * cos($angle) ** 2),
                    );
                },
                range(0, 48),
            ), array_map(
                // Every other link lies flat; the next goes over it on one side and under it on the other.
                static fn (int $i): int => 0 === $link % 2 ? 1 : ($i < 24 ? 2 : 0),
                range(0, 47),
            ));
        }
        for ($lace = 0; $lace < $this->laces; ++$lace) {
            $side = 1 === $this->laces ? 0 : (0 === $lace ? 1 : -1);
            $stations = [[-0.8 * $pitch, $side * $aside, 0 === $lace ? 4 : -2]];
            for ($link = 0; $link < self::LINKS; ++$link) {
                $isUp = 0 === ($link + $lace) % 2;
                $y = $side * (0 === $link % 2 ? $aside : -$aside);
                $stations[] = [($link - 0.25) * $pitch, $y, $isUp ? 4 : -2];
                $stations[] = [($link + 0.25) * $pitch, $y, $isUp ? -2 : 4];
            }
            $stations[] = [(self::LINKS - 0.2) * $pitch, $stations[1][1], $stations[\count($stations) - 1][2]];
            $courses[] = Course::through('lace-'.($lace + 1), $stations);
        }

        return $courses ?: throw new \LogicException('A chain has links.');
    }
}
