<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot;

use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Cord;

/**
 * A knot that one cord ties along a core: a half hitch, or a vertical lark's head of two.
 *
 * With P the turn around the core and w the cord (docs/model.md): a half hitch takes P + 4.66 w + 0.52 w²/P, each of
 * the two of a lark's head P + 4.24 w + 0.42 w²/P, ±0.03; each is 2.0 w long.
 *
 * @internal
 */
final readonly class Hitch
{
    private function __construct(
        private int $hitches,
        private float $beyondTurn,
        private float $thin,
    ) {}

    public static function half(): self
    {
        return new self(1, 4.66, 0.52);
    }

    public static function verticalLarksHead(): self
    {
        return new self(2, 4.24, 0.42);
    }

    public function tied(Bundle $core, Cord $cord): TiedKnot
    {
        $w = $cord->round();
        $turn = $core->turn($w);
        $beyond = $w->times($this->beyondTurn + $this->thin * $w->ratioTo($turn));

        return new TiedKnot(
            $w->times(2.0 * $this->hitches * $cord->fibre->lengthFactor()),
            $turn->plus($beyond)->times($this->hitches * $cord->fibre->useFactor()),
            $core->width()->plus($w->times(2)),
            $core->height()->plus($w->times(2)),
        );
    }
}
