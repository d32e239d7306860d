<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

use Rinkel\Core\Closure\ClosureKind;
use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Construction\Internal\CordMaker;
use Rinkel\Core\Construction\Internal\Stock;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\Maker;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Pattern\Node\KnotKind;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Plan\Draft;

/**
 * Beads on one cord, centred between two barrel knots, as a necklace or a bracelet.
 */
final readonly class StrungBeads implements Construction
{
    public function id(): string
    {
        return 'strung-beads';
    }

    public function place(): BodyPlace
    {
        return BodyPlace::Wrist;
    }

    public function completed(Piece $piece): Piece
    {
        return $piece->completedWith(
            ['cord' => Stock::cord(Fibre::Leather, 1.0, '#3a2a21')],
            ['pearl' => Stock::round(8, '#d9cfc0', 1.6)],
            [],
            'gap fit, 1 barrel 3, 9 bead '.implode(' ', [] === $piece->beads ? ['pearl'] : array_keys($piece->beads)).', 1 barrel 3, gap fit',
            new ClosureWish(ClosureKind::DoubleBarrel),
        );
    }

    public function closures(): array
    {
        return [ClosureKind::DoubleBarrel, ClosureKind::SingleBarrel, ClosureKind::SquareSlider, ClosureKind::SlideBead, ClosureKind::Clasp, ClosureKind::ButtonLoop, ClosureKind::Ties];
    }

    public function maker(Piece $piece): Maker
    {
        return new CordMaker($piece, 'cord', [KnotKind::Barrel, KnotKind::Overhand, KnotKind::DoubleOverhand]);
    }

    public function roles(Draft $draft): array
    {
        return [Role::single('cord', $draft->piece->cord('cord')->count, true)];
    }

    public function ends(Piece $piece): CordUse
    {
        return $piece->cord('cord');
    }

    public function passes(Piece $piece, Element $bead): array
    {
        return [$piece->cord('cord')->cord];
    }

    public function checks(Draft $draft): array
    {
        return Internal\Holding::checks($draft, $this);
    }
}
