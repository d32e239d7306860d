<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Kind\ClaspClosure;
use Rinkel\Core\Closure\Kind\TieClosure;
use Rinkel\Core\Construction\Internal\ChainMaker;
use Rinkel\Core\Construction\Internal\Chains;
use Rinkel\Core\Construction\Internal\Stock;
use Rinkel\Core\Construction\Way\BraidedWay;
use Rinkel\Core\Construction\Way\Way;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\Maker;
use Rinkel\Core\Material\CordRun;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\PieceSpec;

/**
 * Two groups of threads braided through the links of a chain, link by link, each folded at the toggle, or knotted
 * there.
 *
 * @internal
 */
final readonly class BraidedChain implements Construction
{
    public function id(): string
    {
        return 'braided-chain';
    }

    public function places(): array
    {
        return [BodyPlace::Wrist, BodyPlace::Ankle, BodyPlace::Neck];
    }

    public function look(): Look
    {
        return Look::Chain;
    }

    public function cords(): CordNames
    {
        return CordNames::only(['left', 'right'], ['left', 'right'])->folding();
    }

    public function completed(PieceSpec $wish): Piece
    {
        $link = Chains::link($wish) ?? 'chain';

        return $wish->completedWith(
            [
                'left' => Stock::cord(Fibre::Cotton, 1.0, '#b5653f', 3),
                'right' => Stock::cord(Fibre::Cotton, 1.0, '#3f6f79', 3),
            ],
            [],
            [
                'chain' => Stock::finding(FindingKind::Link, 9, 7, 4.5),
                'toggle' => Stock::finding(FindingKind::Toggle, 20, 15, 10),
            ],
            '1 link '.$link.' x fit',
            new ClosureWish(
                ClaspClosure::onCord(),
                ['toggle'],
            ),
        );
    }

    public function closures(): array
    {
        return [ClaspClosure::onCord(), new TieClosure()];
    }

    public function maker(Piece $piece): Maker
    {
        return new ChainMaker($piece, ['left', 'right']);
    }

    public function way(Draft $draft): Way
    {
        return new BraidedWay($draft);
    }

    public function ends(Piece $piece): CordUse
    {
        return new CordUse(
            $piece->cord('left')->cord,
            (CordRun::Apart === $piece->cord('left')->run ? 1 : 2)
                * ($piece->cord('left')->count + $piece->cord('right')->count),
        );
    }

    public function passes(Piece $piece, Element $bead): array
    {
        return [$this->ends($piece)->cord];
    }

    public function checks(Draft $draft): array
    {
        return Chains::checks($draft);
    }
}
