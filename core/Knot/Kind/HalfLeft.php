<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot\Kind;

use Rinkel\Core\Knot\HalfKnot;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Knot\TyingContext;

/**
 * "42 half left": always the left cord over, a spiral.
 *
 * @internal
 */
final readonly class HalfLeft extends Plain
{
    public function word(): string
    {
        return 'half left';
    }

    public function manner(): Manner
    {
        return Manner::Paired;
    }

    public function twist(): int
    {
        return 1;
    }

    public function mirrored(): Knot
    {
        return new HalfRight();
    }

    public function tied(TyingContext $ground, Tension $tension): TiedKnot
    {
        return HalfKnot::spiral()->tied($ground->core, $ground->cord, $tension);
    }
}
