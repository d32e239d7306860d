<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson;

/**
 * An evening of the course: a piece by which something is learnt, and an exercise for the eye.
 *
 * @internal
 */
final readonly class Evening
{
    /**
     * @param int                  $number   from 1
     * @param array<string, mixed> $design   of its piece, in the open format: no name and no wearer
     * @param string               $exercise by its id
     */
    public function __construct(
        public int $number,
        public array $design,
        public string $exercise,
    ) {}
}
