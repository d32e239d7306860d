<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot\Kind;

use Rinkel\Core\Knot\Ground;
use Rinkel\Core\Knot\Hitch;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\Tied;

/**
 * "12 vertical lark": tied with one cord along a core.
 */
final readonly class VerticalLarksHead implements Knot
{
    public function word(): string
    {
        return 'vertical lark';
    }

    public function manner(): Manner
    {
        return Manner::Hitched;
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
        return Hitch::verticalLarksHead()->tied($ground->core, $ground->cord);
    }
}
