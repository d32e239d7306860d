<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson;

/**
 * Where to pull in a frame: an end, and to which side.
 *
 * @internal
 */
final readonly class Pull
{
    /**
     * @param string $course whose end is pulled
     * @param bool   $isTail its end, or else its beginning
     */
    public function __construct(
        public string $course,
        public bool $isTail = true,
    ) {}
}
