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
 * One bead held between two barrel knots on a cord, with a double slider.
 */
final readonly class SingleFocal implements Construction
{
    public function id(): string
    {
        return 'single-focal';
    }

    public function place(): BodyPlace
    {
        return BodyPlace::Wrist;
    }

    public function completed(Piece $piece): Piece
    {
        return $piece->completedWith(
            ['cord' => Stock::cord(Fibre::WaxedCotton, 1.0, '#3a3f44')],
            ['stone' => Stock::round(12, '#4f8a8b', 2.0)],
            [],
            'gap fit, 1 barrel 2, focal '.(array_key_first($piece->beads) ?? 'stone').', 1 barrel 2, gap fit',
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
