<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

/**
 * A number and the range in which it lies for four makers of five.
 *
 * @internal
 */
final readonly class QuotedNumber
{
    public function __construct(
        public float $mean,
        public float $least,
        public float $most,
    ) {}
}
