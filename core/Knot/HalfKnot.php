<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot;

use Rinkel\Core\Material\Bundle;
use Rinkel\Core\Material\Cord;

/**
 * One crossing of two working cords around the core: in a flat run the sides alternate, in a spiral they do not.
 *
 * Fits of what tightening of ideal tubes gave (docs/model.md): the use of each working cord beyond half a turn, in its
 * diameters, ±0.03, and what it is more at a pitch at which they are pushed, ±0.13. Real cord gives way: see Fibre.
 *
 * @internal
 */
final readonly class HalfKnot
{
    /** @var non-empty-list<array{float, float}> pitch and use beyond that of knots that nobody pushes, loosest first */
    private const FLAT = [[2.0, 0.0], [1.6, 0.16], [1.4, 0.36], [1.2, 0.66]];

    /** @var non-empty-list<array{float, float}> */
    private const SPIRAL = [[1.7, 0.0], [1.35, 0.3]];

    /** Use beyond half a turn of such, and by how much it grows as the core gets thinner, with w over the turn. */
    private const FLAT_USE = [4.22, 1.14];
    private const SPIRAL_USE = [4.07, 1.4];

    /** By how much the logarithm of their pitch lies off an even one, of makers who call their hand loose or firm. */
    private const SAID = 0.13;

    private function __construct(private bool $spiral) {}

    /**
     * Returns the half knot of a flat band, which alternates its side.
     */
    public static function flat(): self
    {
        return new self(false);
    }

    /**
     * Returns the half knot of a spiral, always from the same side.
     */
    public static function spiral(): self
    {
        return new self(true);
    }

    /**
     * Returns how many half knots of a spiral make one full turn around $cores (±2; docs/model.md).
     */
    public static function perTurn(int $cores): int
    {
        return match (true) {
            $cores <= 1 => 8,
            $cores <= 4 => 10,
            default => 12,
        };
    }

    public function tied(Bundle $core, Cord $working, Tension $tension): TiedKnot
    {
        $pitch = $this->pitch($tension);
        $w = $working->round();
        $turn = $core->turn($w);
        [$beyond, $thin] = $this->spiral ? self::SPIRAL_USE : self::FLAT_USE;
        $use = $turn->times(0.5)->plus($w->times($beyond + $thin * $w->ratioTo($turn) + $this->pushed($pitch)));

        return new TiedKnot(
            $working->round()->times($pitch * $working->fibre->lengthFactor()),
            $use->times($working->fibre->useFactor()),
            $core->width()->plus($working->round()->times(3)),
            $core->height()->plus($working->round()->times(2)),
        );
    }

    /**
     * Returns the pitch in diameters of the working cord: pushed up, as an even hand ties, and as much looser and
     * firmer as makers do who say so of themselves, whose logarithm lies 0.13 off (Priors::push).
     */
    private function pitch(Tension $tension): float
    {
        return ($this->spiral ? 1.35 : 1.5) * exp(match ($tension) {
            Tension::Loose => self::SAID,
            Tension::Even => 0.0,
            Tension::Firm => -self::SAID,
        });
    }

    private function pushed(float $pitch): float
    {
        $table = $this->spiral ? self::SPIRAL : self::FLAT;
        [$loose, $less] = $table[0];
        [$tight, $more] = $table[1];
        foreach (\array_slice($table, 2) as [$next, $use]) {
            if ($pitch < $tight) {
                [$loose, $less, $tight, $more] = [$tight, $more, $next, $use];
            }
        }

        return $less + ($more - $less) * ($loose - $pitch) / ($loose - $tight);
    }
}
