<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Kind\DoubleBarrel;
use Rinkel\Core\Construction\Internal\OnCord;
use Rinkel\Core\Construction\Internal\Stock;
use Rinkel\Core\Construction\Way\FocalWay;
use Rinkel\Core\Construction\Way\Way;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\PieceSpec;

/**
 * One bead held between two barrel knots on a cord, with a double slider.
 *
 * @internal
 */
final readonly class SingleFocal extends OnCord
{
    public function id(): string
    {
        return 'single-focal';
    }

    public function way(Draft $draft): Way
    {
        return new FocalWay($draft);
    }

    public function completed(PieceSpec $wish): Piece
    {
        return $wish->completedWith(
            ['cord' => Stock::cord(Fibre::WaxedCotton, 1.0, '#3a3f44')],
            ['stone' => Stock::round(12, '#4f8a8b', 2.0)],
            [],
            'gap fit, 1 barrel 2, focal '.(array_key_first($wish->materials->beads) ?? 'stone').', 1 barrel 2, gap fit',
            new ClosureWish(new DoubleBarrel()),
        );
    }
}
