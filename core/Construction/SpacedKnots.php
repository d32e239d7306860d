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
 * One cord with barrel knots at equal spacing.
 *
 * @internal
 */
final readonly class SpacedKnots extends OnCord
{
    public function id(): string
    {
        return 'spaced-knots';
    }

    public function completed(PieceSpec $wish): Piece
    {
        return $wish->completedWith(
            ['cord' => Stock::cord(Fibre::WaxedCotton, 1.5, '#7a4b2a')],
            [],
            [],
            '(1 barrel 3, gap fit) x '. 6 * $wish->wearing->wraps.', 1 barrel 3',
            new ClosureWish(new DoubleBarrel()),
        );
    }
}
