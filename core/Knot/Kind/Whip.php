<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot\Kind;

use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Knot\Tension;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Knot\TyingContext;
use Rinkel\Core\Knot\Whipping;

/**
 * "6 whip": turns of a cord laid side by side around all the others, to bind them.
 *
 * @internal
 */
final readonly class Whip extends Plain
{
    public function word(): string
    {
        return 'whip';
    }

    public function manner(): Manner
    {
        return Manner::Bound;
    }

    public function tied(TyingContext $ground, Tension $tension): TiedKnot
    {
        return (new Whipping())->turn($ground->core, $ground->cord);
    }
}
