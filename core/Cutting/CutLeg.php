<?php

declare(strict_types=1);

namespace Rinkel\Core\Cutting;

use Rinkel\Core\Line\Take;
use Rinkel\Core\Measure\Length;

/**
 * What one end of a cord takes, from where the cord is folded or begins.
 */
final readonly class CutLeg
{
    /**
     * @param Take   $body    what the piece takes of it
     * @param Take   $closure what the closure takes of it, at both ends of the piece
     * @param Length $free    what its free end needs, or both of a cord in one run
     * @param Length $lead    of that and of the closure, what lies before the body begins
     */
    public function __construct(
        public Take $body,
        public Take $closure,
        public Length $free,
        public Length $lead,
    ) {}

    /**
     * Returns what it needs without a margin.
     */
    public function needed(): Length
    {
        return $this->body->total()->plus($this->closure->total())->plus($this->free);
    }

    /**
     * Returns what knots take of it, here and in the closure.
     */
    public function knots(): Length
    {
        return $this->body->knots->plus($this->closure->knots);
    }
}
