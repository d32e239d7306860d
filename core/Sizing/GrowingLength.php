<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Piece\PieceSpec;

/**
 * A design finished longer and longer, a millimetre a step.
 *
 * @internal
 */
final readonly class GrowingLength implements Growth
{
    public function __construct(private PieceSpec $design) {}

    public function range(): array
    {
        return [50, 3000];
    }

    public function at(int $step): PieceSpec
    {
        return $this->design->ofLength(Length::ofMillimetres($step));
    }
}
