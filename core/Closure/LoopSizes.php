<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Measure\Length;

/**
 * How large the loops are that close a piece.
 *
 * @internal
 */
final readonly class LoopSizes
{
    /**
     * @param int         $loopHeads  lark's heads that make one loop, zero of a bare one
     * @param Length|null $startLoop  inside, lying flat, of the loop where it begins; of several, each
     * @param Length|null $finishLoop the same where it ends
     */
    public function __construct(
        public int $loopHeads = 0,
        public ?Length $startLoop = null,
        public ?Length $finishLoop = null,
    ) {}
}
