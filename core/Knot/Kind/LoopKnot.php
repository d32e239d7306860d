<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot\Kind;

use Rinkel\Core\Knot\Interlace;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Knot\TyingContext;

/**
 * "1 interlace": two loops of one or several parallel ropes, woven through each other.
 *
 * @internal
 */
final readonly class LoopKnot extends Plain
{
    public function word(): string
    {
        return 'interlace';
    }

    public function manner(): Manner
    {
        return Manner::Woven;
    }

    public function tied(TyingContext $ground, Tension $tension): TiedKnot
    {
        return (new Interlace())->tied($ground->cord, $ground->together);
    }
}
