<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight;

/**
 * A knot pulled tight with beads far apart and near together: what it would take with none between follows from both, as
 * the error of a chain goes with the square of the spacing (L. F. Richardson, 1911, from memory).
 */
final readonly class TwoSpacings
{
    private const COARSER = 1.6;

    private function __construct(public Tightened $fine, public Taking $taking, public Taking $error) {}

    public static function of(TightKnot $knot, Tangle $laid, float $spacing = 0.15, ?Tube $tube = null): self
    {
        $coarse = $knot->read((new Tightening(self::COARSER * $spacing))->tighten($laid, $tube));
        $tight = (new Tightening($spacing))->tighten($laid, $tube);
        $fine = $knot->read($tight);
        $beyond = 1 / (self::COARSER ** 2 - 1);
        $found = static fn (float $at, float $before): float => $at + $beyond * ($at - $before);
        $off = static fn (float $at, float $before): float => $beyond * abs($at - $before);

        return new self($tight, self::each($found, $fine, $coarse), self::each($off, $fine, $coarse));
    }

    /**
     * @param \Closure(float, float): float $of
     */
    private static function each(\Closure $of, Taking $fine, Taking $coarse): Taking
    {
        return new Taking(
            array_map($of, $fine->use, $coarse->use),
            $of($fine->length, $coarse->length),
            $of($fine->width, $coarse->width),
            $of($fine->height, $coarse->height),
            $of($fine->turn, $coarse->turn),
        );
    }
}
