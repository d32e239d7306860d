<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Internal;

use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\BeadShape;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;

/**
 * Plain materials by which a construction completes what a maker left open.
 *
 * @internal
 */
final class Stock
{
    public static function cord(Fibre $fibre, float $millimetres, string $colour, int $count = 1): CordUse
    {
        return new CordUse(new Cord($fibre, Length::ofMillimetres($millimetres), Colour::parse($colour)), $count);
    }

    public static function round(float $millimetres, string $colour, ?float $hole = null): Bead
    {
        $size = Length::ofMillimetres($millimetres);

        return Bead::of(
            BeadShape::Round,
            Colour::parse($colour),
            $size,
            hole: null === $hole ? null : Length::ofMillimetres($hole),
        );
    }

    public static function finding(FindingKind $kind, float $length, float $width, float $inside): Finding
    {
        return Finding::of(
            $kind,
            Length::ofMillimetres($length),
            Length::ofMillimetres($width),
            Length::ofMillimetres($inside),
        );
    }
}
