<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Closure\Closing\TiedForGood;
use Rinkel\Core\Fit\Ring;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Remark\Step;

/**
 * Both ends laid beside each other and tied in one overhand of all: nothing lies between them, and each end of each
 * cord is once in the knot.
 *
 * @internal
 */
final readonly class KnottedForGood implements Closure
{
    public function __construct(private Site $site) {}

    public function body(Ring $ring): Length
    {
        return $ring->wished();
    }

    public function isBound(): bool
    {
        return false;
    }

    public function lies(): array
    {
        return [];
    }

    public function fasten(Ring $ring, Length $body): Fastened
    {
        return new Fastened(
            $this->site->wish->kind,
            new ClosureSpan(narrow: Length::zero(), wide: Length::zero(), length: Length::zero()),
            new TiedForGood(),
            steps: [new Step('for-good', ['cords' => 2 * $this->site->ends->count])],
        );
    }
}
