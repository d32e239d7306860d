<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot\Kind;

use Rinkel\Core\Knot\Hitch;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Knot\TyingContext;

/**
 * "8 hitch": half hitches with one cord along a core.
 *
 * @internal
 */
final readonly class HalfHitch extends Plain
{
    public function word(): string
    {
        return 'hitch';
    }

    public function manner(): Manner
    {
        return Manner::Hitched;
    }

    public function tied(TyingContext $ground, Tension $tension): TiedKnot
    {
        return Hitch::half()->tied($ground->core, $ground->cord);
    }
}
