<?php

declare(strict_types=1);

namespace Rinkel\Core\Hand;

use Rinkel\Core\Measure\Length;

/**
 * What of a sample was made by hand, beside the model of an even hand: straight parts, beads and links are taken off
 * both.
 *
 * @internal
 */
final readonly class HandReading
{
    /**
     * @param string      $kind     of knot or section
     * @param bool        $isPushed whether such knots are pushed together
     * @param Length|null $length   null where it tells nothing of the hand
     * @param Length|null $used     null where it was not measured
     */
    public function __construct(
        public string $kind,
        public bool $isPushed,
        public ?Length $length,
        public Length $modelLength,
        public ?Length $used,
        public Length $modelUsed,
    ) {}
}
