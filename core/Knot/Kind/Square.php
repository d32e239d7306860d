<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot\Kind;

use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\SquareKnot;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Knot\TyingContext;

/**
 * "6 square": two half knots, from one side and from the other. A run of it is a flat band.
 *
 * @internal
 */
final readonly class Square extends Plain
{
    public function word(): string
    {
        return 'square';
    }

    public function manner(): Manner
    {
        return Manner::Paired;
    }

    public function tied(TyingContext $ground, Tension $tension): TiedKnot
    {
        return (new SquareKnot())->tied($ground->core, $ground->cord, $tension);
    }
}
