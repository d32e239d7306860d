<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson;

/**
 * One thing that can be taught, as a right-handed maker does it who begins with the left cord.
 *
 * @internal
 */
interface Teaching
{
    /**
     * Returns what it is called by: the word of a knot in the notation, or a word of its own.
     */
    public function id(): string;

    public function lesson(): Lesson;
}
