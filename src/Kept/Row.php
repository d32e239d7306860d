<?php

declare(strict_types=1);

namespace Rinkel\App\Kept;

/**
 * A thing as plain data, once it was read.
 */
final readonly class Row
{
    /**
     * @param string                  $name     what a maker calls it
     * @param array<string, mixed>    $data     as it is kept; two that are equal are the same
     * @param \DateTimeImmutable|null $changed  when it was worked on last; null of what is never changed
     * @param string                  $likeness by which pieces find it, where they do
     */
    public function __construct(
        public string $uid,
        public string $name,
        public array $data,
        public ?\DateTimeImmutable $changed = null,
        public string $likeness = '',
    ) {}
}
