<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson\Kind;

use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Drawing\Picture\DrawnPicture;
use Rinkel\Core\Knot\DrawnWay;
use Rinkel\Core\Knot\PulledKnot;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Lesson\Frame;
use Rinkel\Core\Lesson\Lesson;
use Rinkel\Core\Lesson\Pull;
use Rinkel\Core\Lesson\Teaching;
use Rinkel\Core\Lesson\Topic;

/**
 * A knot of somebody's own: its end laid from one crossing to the next, then both ends pulled.
 *
 * @internal
 */
final readonly class DrawnLesson implements Teaching
{
    /** A square of the paper is so many diameters wide. */
    private const SQUARE = 1.6;

    /** So far beyond a crossing the end is laid, in points of the drawn way. */
    private const PAST = 3.0;

    public function __construct(private string $word, private DrawnWay $way) {}

    public function id(): string
    {
        return $this->word;
    }

    public function lesson(): Lesson
    {
        $laid = Course::of('cord', $this->way->onSquaresOf(self::SQUARE), $this->way->levels());
        $frames = [];
        foreach ($this->way->met() as [$at, , $isOver]) {
            $reached = $laid->along(min(\count($laid->points) - 1, (int) ceil($at + self::PAST)));
            $frames[] = new Frame(['cord' => $reached], 'cord', Side::Right, says: $isOver ? 'own.over' : 'own.under');
        }
        $pulled = new Frame([], pulls: [new Pull('cord'), new Pull('cord', false)], says: 'own.pull');

        return new Lesson($this->word, Topic::Knot, [$laid], [$laid], ['cord' => 'working'], [...$frames, $pulled]);
    }

    /**
     * Returns a picture of the tight knot: what lay side by side when it was laid may lie over each other now.
     */
    public static function tight(string $word, PulledKnot $pulled): Lesson
    {
        $tight = [DrawnPicture::course('cord', $pulled)];

        return new Lesson($word, Topic::Knot, $tight, $tight, ['cord' => 'working'], [new Frame([], tight: 1.0)]);
    }
}
