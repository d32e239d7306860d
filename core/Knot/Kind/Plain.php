<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot\Kind;

use Rinkel\Core\Knot\Knot;

/**
 * What is so for most knots: nothing is said of their turns, they do not twist the piece, and lie alike on both sides.
 *
 * @internal
 */
abstract readonly class Plain implements Knot
{
    public function usualTurns(): ?int
    {
        return null;
    }

    public function twist(): int
    {
        return 0;
    }

    public function mirrored(): Knot
    {
        return $this;
    }
}
