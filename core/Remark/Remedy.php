<?php

declare(strict_types=1);

namespace Rinkel\Core\Remark;

use Rinkel\Core\Measure\Length;

/**
 * One change to the piece that settles a check: the path in the open format and the value to put there, null to leave
 * it to the planner.
 *
 * @internal
 */
final readonly class Remedy
{
    public function __construct(
        public string $path,
        public Length|int|string|null $value,
    ) {}
}
