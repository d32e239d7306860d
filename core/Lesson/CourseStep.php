<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson;

/**
 * What a learner has behind them in an evening of the course, by its own word; each has a letter in a learner's
 * record.
 *
 * @internal
 */
enum CourseStep: string
{
    /** Its knots tied on a spare end. */
    case Knots = 'knots';

    /** Its piece made without cord. */
    case Rehearsal = 'rehearsal';

    /** Its piece made. */
    case Piece = 'piece';

    public function letter(): string
    {
        return $this->value[0];
    }
}
