<?php

declare(strict_types=1);

namespace Rinkel\App\Jobs;

/**
 * What is to be done, and for whom.
 */
final readonly class Errand
{
    /**
     * @param string       $kind   the word of the work
     * @param array<mixed> $asked  what it is to do
     * @param string       $member uid of who asked for it; "" where one maker works
     */
    public function __construct(
        public string $kind,
        public array $asked,
        public string $member,
    ) {}
}
