<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot\Kind;

use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\OverhandKnot;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Knot\TyingContext;

/**
 * "1 overhand": one cord, or the whole bundle.
 *
 * @internal
 */
final readonly class Overhand extends Plain
{
    public function word(): string
    {
        return 'overhand';
    }

    public function manner(): Manner
    {
        return Manner::Own;
    }

    public function tied(TyingContext $ground, Tension $tension): TiedKnot
    {
        return (new OverhandKnot())->tied($ground->cord, $ground->together);
    }
}
