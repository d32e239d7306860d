<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Kind\SquareSliding;
use Rinkel\Core\Construction\Internal\BandMaker;
use Rinkel\Core\Construction\Internal\OnCore;
use Rinkel\Core\Construction\Internal\Stock;
use Rinkel\Core\Construction\Way\BandWay;
use Rinkel\Core\Construction\Way\Way;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\Maker;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\PieceSpec;

/**
 * Square knots or half knots of one pair of working cords around straight cores: flat, spiral, or parts of each, with
 * beads on the core or beside it, and a focal between two halves.
 *
 * @internal
 */
final readonly class SquareKnotBand extends OnCore
{
    public function id(): string
    {
        return 'square-knot-band';
    }

    public function cords(): CordNames
    {
        return CordNames::only(['core', 'working', 'slider'], ['core'])->folding();
    }

    public function completed(PieceSpec $wish): Piece
    {
        return $wish->completedWith(
            [
                'core' => Stock::cord(Fibre::Polyester, 1.0, '#2e4a62', 2),
                'working' => Stock::cord(Fibre::Polyester, 1.0, '#2e4a62'),
            ],
            [],
            [],
            '1 square x fit',
            new ClosureWish(new SquareSliding()),
        );
    }

    public function maker(Piece $piece): Maker
    {
        return new BandMaker($piece, ['working' => $piece->cord('working')]);
    }

    public function way(Draft $draft): Way
    {
        return new BandWay($draft);
    }

    public function passes(Piece $piece, Element $bead): array
    {
        return match ($bead->seat->lane) {
            Lane::Core, Lane::Strand => parent::passes($piece, $bead),
            default => [$piece->cord('working')->cord],
        };
    }

    public function checks(Draft $draft): array
    {
        return Internal\Holding::folds($draft);
    }
}
