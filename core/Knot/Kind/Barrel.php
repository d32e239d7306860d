<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot\Kind;

use Rinkel\Core\Knot\BarrelKnot;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Knot\TyingContext;

/**
 * "1 barrel 3": an overhand of three wraps, dressed as a neat coil.
 *
 * @internal
 */
final readonly class Barrel extends Plain
{
    public function word(): string
    {
        return 'barrel';
    }

    public function manner(): Manner
    {
        return Manner::Own;
    }

    public function usualTurns(): int
    {
        return BarrelKnot::USUAL;
    }

    public function tied(TyingContext $ground, Tension $tension): TiedKnot
    {
        $barrel = new BarrelKnot($ground->turns);

        return null === $ground->along ? $barrel->dressed($ground->cord) : $barrel->sliding($ground->cord, $ground->along);
    }
}
