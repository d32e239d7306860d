<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot\Kind;

use Rinkel\Core\Knot\Hitch;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Knot\TyingContext;

/**
 * "12 vertical lark": tied with one cord along a core.
 *
 * @internal
 */
final readonly class VerticalLarksHead extends Plain
{
    public function word(): string
    {
        return 'vertical lark';
    }

    public function manner(): Manner
    {
        return Manner::Hitched;
    }

    public function tied(TyingContext $ground, Tension $tension): TiedKnot
    {
        return Hitch::verticalLarksHead()->tied($ground->core, $ground->cord);
    }
}
