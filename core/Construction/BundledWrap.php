<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Kind\ButtonAndLoop;
use Rinkel\Core\Construction\Internal\Stock;
use Rinkel\Core\Construction\Internal\WrapMaker;
use Rinkel\Core\Construction\Way\Way;
use Rinkel\Core\Construction\Way\WrapWay;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\Maker;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\PieceSpec;

/**
 * One cord folded at a button; both ends carry small beads, and after each bundle the long end ties a barrel around the
 * short.
 *
 * @internal
 */
final readonly class BundledWrap implements Construction
{
    public function id(): string
    {
        return 'bundled-wrap';
    }

    public function places(): array
    {
        return [BodyPlace::Wrist, BodyPlace::Ankle];
    }

    public function look(): Look
    {
        return Look::Wrap;
    }

    public function cords(): CordNames
    {
        return CordNames::only(['cord']);
    }

    public function completed(PieceSpec $wish): Piece
    {
        $names = [] === $wish->materials->beads ? ['seed'] : array_map(strval(...), array_keys($wish->materials->beads));
        $three = implode(' ', array_map(static fn (int $i): string => $names[$i % \count($names)], [0, 1, 2]));

        return $wish->completedWith(
            ['cord' => Stock::cord(Fibre::Polyester, 0.8, '#5b4636')],
            ['seed' => Stock::round(4, '#3f6f8f', 1.2)],
            ['button' => Stock::finding(FindingKind::Button, 12, 3, 2)],
            '(bundle loose '.$three.' / '.$three.', 1 barrel 3) x fit',
            new ClosureWish(
                ButtonAndLoop::onWrap(),
                ['button'],
            ),
        );
    }

    public function closures(): array
    {
        return [ButtonAndLoop::onWrap()];
    }

    public function maker(Piece $piece): Maker
    {
        return new WrapMaker($piece);
    }

    public function way(Draft $draft): Way
    {
        return new WrapWay($draft);
    }

    public function ends(Piece $piece): CordUse
    {
        return new CordUse($piece->cord('cord')->cord, 2);
    }

    public function passes(Piece $piece, Element $bead): array
    {
        return [$piece->cord('cord')->cord];
    }

    public function checks(Draft $draft): array
    {
        return [];
    }
}
