<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot\Kind;

use Rinkel\Core\Knot\Hitch;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Knot\TyingContext;

/**
 * "1 lark": a folded cord on a ring or a core.
 *
 * @internal
 */
final readonly class LarksHead extends Plain
{
    public function word(): string
    {
        return 'lark';
    }

    public function manner(): Manner
    {
        return Manner::Hung;
    }

    public function tied(TyingContext $ground, Tension $tension): TiedKnot
    {
        return Hitch::verticalLarksHead()->tied($ground->core, $ground->cord);
    }
}
