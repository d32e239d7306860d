<?php

declare(strict_types=1);

namespace Rinkel\Core\Line;

use Rinkel\Core\Measure\Length;

/**
 * One way to set a line: how often each fit stands and how long that comes out.
 *
 * @internal
 */
final readonly class Choice
{
    /**
     * @param list<int> $counts
     */
    public function __construct(
        public array $counts,
        public Length $length,
    ) {}
}
