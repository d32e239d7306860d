<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Internal;

use Rinkel\Core\Closure\Kind\ButtonAndLoop;
use Rinkel\Core\Closure\Kind\ClaspClosure;
use Rinkel\Core\Closure\Kind\DoubleBarrel;
use Rinkel\Core\Closure\Kind\SingleBarrel;
use Rinkel\Core\Closure\Kind\SlideBeading;
use Rinkel\Core\Closure\Kind\SquareSliding;
use Rinkel\Core\Closure\Kind\TieClosure;
use Rinkel\Core\Closure\Kind\TwoEnding;
use Rinkel\Core\Construction\Construction;
use Rinkel\Core\Construction\CoreHanging;
use Rinkel\Core\Construction\Look;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Piece\Piece;

/**
 * What is the same in all bands whose working cords knot around straight cores, which make the closure.
 *
 * @internal
 */
abstract readonly class OnCore implements Construction
{
    public function look(): Look
    {
        return Look::Band;
    }

    public function places(): array
    {
        return [BodyPlace::Wrist, BodyPlace::Ankle];
    }

    public function closures(): array
    {
        return [
            new SquareSliding(), ButtonAndLoop::onBand(), ClaspClosure::anywhere(), new TieClosure(), new SlideBeading(),
            new SingleBarrel(), new DoubleBarrel(), TwoEnding::anywhere(),
        ];
    }

    public function ends(Piece $piece): CordUse
    {
        $core = $piece->cord('core');
        $pairs = \count(array_diff_key($piece->cords, ['core' => 0, 'slider' => 0]));

        $strands = CoreHanging::strands($piece);
        $all = true === $piece->closure->reach->tails?->allCords ? 2 * $pairs : 0;

        return $strands + $all === $core->count ? $core : new CordUse($core->cord, $strands + $all, $core->lay);
    }

    public function passes(Piece $piece, Element $bead): array
    {
        $core = $piece->cord('core');

        return array_fill(0, Lane::Strand === $bead->seat->lane ? 1 : $core->count, $core->cord);
    }
}
