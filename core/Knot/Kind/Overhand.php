<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot\Kind;

use Rinkel\Core\Knot\Ground;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\OverhandKnot;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\Tied;

/**
 * "1 overhand": one cord, or the whole bundle.
 */
final readonly class Overhand implements Knot
{
    public function word(): string
    {
        return 'overhand';
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
        return (new OverhandKnot())->tied($ground->cord, $ground->together);
    }
}
