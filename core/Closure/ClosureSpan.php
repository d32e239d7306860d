<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Measure\Length;

/**
 * How far apart the ends of a body can be when it is closed, and how long what closes it is.
 *
 * @internal
 */
final readonly class ClosureSpan
{
    /**
     * @param Length       $narrow smallest gap between the body's ends
     * @param Length       $wide   widest gap; equal to the smallest where nothing moves
     * @param list<Length> $sizes  gaps of a closure with several fixed sizes, smallest first
     * @param Length|null  $tail   one tail, where there are such
     */
    public function __construct(
        public Length $narrow,
        public Length $wide,
        public array $sizes = [],
        public ?Length $tail = null,
        public ?Length $length = null,
    ) {}
}
