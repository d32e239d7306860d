<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot;

use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Measure\Length;

/**
 * An overhand knot of several wraps in one cord, dressed as a neat coil, or slid around another cord.
 *
 * Wraps k from 1 to 5, cord thickness w (docs/model.md): beyond the way past it, it takes (1.7 + 8.35 k) w ± 0.7
 * dressed and is (k + 1) w long; pulled hard (2.9 + 7.16 k) w and (1.2 + 2.1 k) w; sliding, k times the turn around
 * core and two own cords and 0.6 w, and 1.7 w more, (k + 0.5) w long, one wrap 2.4 w. Its end has to be threaded back:
 * 5 to 6 in are needed to tie it (common practice).
 *
 * @internal
 */
final readonly class BarrelKnot
{
    /** Wraps of a barrel when nothing else is said (common practice). */
    public const USUAL = 3;

    /** In leather it is so many diameters longer than it has wraps (±0.7; makers' measures, docs/model.md). */
    private const STIFF = 3.0;

    public function __construct(private int $wraps) {}

    /**
     * Returns the free end without which the knot cannot be tied, most of it cut off after: 5 1/2 in.
     */
    public static function tyingEnd(): Length
    {
        return Length::ofInches(5.5);
    }

    public function dressed(Cord $cord): TiedKnot
    {
        return $this->of(
            $cord,
            1.7 + 8.35 * $this->wraps,
            $this->coil($cord) ?? ($this->wraps + 1) * $cord->fibre->lengthFactor(),
        );
    }

    public function pulledHard(Cord $cord): TiedKnot
    {
        return $this->of($cord, 2.9 + 7.16 * $this->wraps, (1.2 + 2.1 * $this->wraps) * $cord->fibre->lengthFactor());
    }

    /**
     * Returns the knot tied by $cord around one straight $core.
     */
    public function sliding(Cord $cord, Cord $core): TiedKnot
    {
        $w = $cord->round()->millimetres;
        $turn = self::turn($core->round()->millimetres, $w);

        return $this->of(
            $cord,
            ($this->wraps * ($turn + 0.6 * $w) + 1.7 * $w) / $w,
            $this->coil($cord) ?? (1 === $this->wraps ? 2.4 : $this->wraps + 0.5) * $cord->fibre->lengthFactor(),
        );
    }

    /**
     * Returns the hull of the core c and two own cords w beside it on one side, touching each other, offset by w/2.
     */
    private static function turn(float $c, float $w): float
    {
        // Triangle of the three centres, as the offset of equal radii w; the core's surplus radius counts on its third of the turn.
        $side = ($c + $w) / 2;
        $corner = 2 * asin(min(1.0, $w / 2 / $side));
        $triangle = 2 * sqrt(max(0.0, $side ** 2 - (($c - $w) / 2) ** 2)) + $w;
        $tilt = asin(max(-1.0, min(1.0, ($c - $w) / 2 / $side)));
        $aroundCore = \M_PI - $corner + 2 * $tilt;

        return $triangle + $aroundCore * ($c / 2 + $w / 2) + (2 * \M_PI - $aroundCore) * $w;
    }

    /**
     * Returns how long a coil of it is in diameters where the cord is too stiff to bend into a tight one, which takes
     * as much; null where it does.
     */
    private function coil(Cord $cord): ?float
    {
        return Fibre::Leather === $cord->fibre ? $this->wraps + self::STIFF : null;
    }

    /**
     * @param float $beyond the way past the knot it gives up so many diameters
     */
    private function of(Cord $cord, float $beyond, float $length): TiedKnot
    {
        $w = $cord->round();

        return new TiedKnot(
            $w->times($length),
            $w->times($length + $beyond * $cord->fibre->useFactor()),
            $w->times(3.15),
            $w->times(3.15),
        );
    }
}
