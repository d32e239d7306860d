<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Kind\DoubleBarrel;
use Rinkel\Core\Construction\Internal\OnCord;
use Rinkel\Core\Construction\Internal\Stock;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\PieceSpec;

/**
 * Beads on one cord, centred between two barrel knots, as a necklace or a bracelet.
 *
 * @internal
 */
final readonly class StrungBeads extends OnCord
{
    public function id(): string
    {
        return 'strung-beads';
    }

    public function completed(PieceSpec $wish): Piece
    {
        return $wish->completedWith(
            ['cord' => Stock::cord(Fibre::Leather, 1.0, '#3a2a21')],
            ['pearl' => Stock::round(8, '#d9cfc0', 1.6)],
            [],
            'gap fit, 1 barrel 3, 9 bead '.implode(
                ' ',
                [] === $wish->materials->beads ? ['pearl'] : array_keys($wish->materials->beads),
            ).', 1 barrel 3, gap fit',
            new ClosureWish(new DoubleBarrel()),
        );
    }
}
