<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\PieceSpec;

/**
 * A design for larger and larger wearers, a millimetre a step.
 *
 * @internal
 */
final readonly class GrowingGirth implements Growth
{
    public function __construct(private PieceSpec $design) {}

    public function range(): array
    {
        [$least, $most] = $this->design->wearing->wearer->place->girth()->range();

        return [(int) ceil($least->millimetres), (int) floor($most->millimetres)];
    }

    public function at(int $step): PieceSpec
    {
        return Girths::of($this->design, Length::ofMillimetres($step));
    }
}
