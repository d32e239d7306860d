<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot\Kind;

use Rinkel\Core\Knot\BarrelKnot;
use Rinkel\Core\Knot\Ground;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\Tied;

/**
 * "1 double overhand": twice through, pulled hard.
 */
final readonly class DoubleOverhand implements Knot
{
    public function word(): string
    {
        return 'double overhand';
    }

    public function manner(): Manner
    {
        return Manner::Own;
    }

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

    public function tied(Ground $ground, Tension $tension): Tied
    {
        return (new BarrelKnot(2))->pulledHard($ground->cord);
    }
}
