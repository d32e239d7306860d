<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight;

/**
 * A knot pulled tight with beads far apart and near together: what it would take with none between follows from both,
 * as the error of a chain goes with the square of the spacing (L. F. Richardson, 1911, from memory).
 *
 * @internal
 */
final readonly class TwoSpacings
{
    private const COARSER = 1.6;

    private function __construct(public Tightened $fine, public KnotSize $taking, public KnotSize $error) {}

    /**
     * @param (\Closure(): void)|null $told after each round of either
     */
    public static function of(
        TightKnot $knot,
        Tangle $laid,
        float $spacing = 0.15,
        ?Tube $tube = null,
        ?\Closure $told = null,
    ): self {
        $coarse = $knot->read((new Tightening(self::COARSER * $spacing, told: $told))->tighten($laid, $tube));
        $tight = (new Tightening($spacing, told: $told))->tighten($laid, $tube);
        $fine = $knot->read($tight);
        $beyond = 1 / (self::COARSER ** 2 - 1);
        $found = static fn (float $at, float $before): float => $at + $beyond * ($at - $before);
        $off = static fn (float $at, float $before): float => $beyond * abs($at - $before);

        // Cords of a knot may give each other a little: what they take together is what is certain.
        return new self(
            $tight,
            self::each($found, $fine, $coarse, array_map($found, $fine->use, $coarse->use)),
            self::each($off, $fine, $coarse, [$off($fine->mean(), $coarse->mean())]),
        );
    }

    /**
     * @param \Closure(float, float): float $of
     * @param list<float>                   $use
     */
    private static function each(\Closure $of, KnotSize $fine, KnotSize $coarse, array $use): KnotSize
    {
        return new KnotSize(
            $use,
            $of($fine->length, $coarse->length),
            $of($fine->width, $coarse->width),
            $of($fine->height, $coarse->height),
            $of($fine->turn, $coarse->turn),
        );
    }
}
