<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot\Kind;

use Rinkel\Core\Knot\BarrelKnot;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Knot\TyingContext;

/**
 * "1 double overhand": twice through, pulled hard.
 *
 * @internal
 */
final readonly class DoubleOverhand extends Plain
{
    public function word(): string
    {
        return 'double overhand';
    }

    public function manner(): Manner
    {
        return Manner::Own;
    }

    public function tied(TyingContext $ground, Tension $tension): TiedKnot
    {
        return (new BarrelKnot(2))->pulledHard($ground->cord);
    }
}
