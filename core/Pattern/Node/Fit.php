<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

/**
 * As often as the length allows; several fits of a pattern share it by their shares, 1 to 99.
 */
final readonly class Fit
{
    public function __construct(public int $share = 1) {}
}
