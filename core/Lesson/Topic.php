<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson;

/**
 * When in the work what a lesson teaches is done.
 *
 * @internal
 */
enum Topic: string
{
    case Knot = 'knot';
    case Start = 'start';
    case Closure = 'closure';
    case Finish = 'finish';
}
