<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot;

use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Measure\Length;

/**
 * One turn of a cord around all the others, laid beside the turn before it: a helix of one cord's rise around their
 * hull.
 *
 * @internal
 */
final readonly class Whipping
{
    public function turn(Bundle $core, Cord $cord): TiedKnot
    {
        $w = $cord->round();
        $use = Length::ofMillimetres(hypot($core->turn($w)->millimetres, $w->millimetres));

        return new TiedKnot($w, $use, $core->width()->plus($w->times(2)), $core->height()->plus($w->times(2)));
    }
}
