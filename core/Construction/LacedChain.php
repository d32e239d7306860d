<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Kind\ClaspClosure;
use Rinkel\Core\Closure\Kind\DoubleBarrel;
use Rinkel\Core\Closure\Kind\SlideBeading;
use Rinkel\Core\Closure\Kind\TieClosure;
use Rinkel\Core\Construction\Internal\ChainMaker;
use Rinkel\Core\Construction\Internal\Chains;
use Rinkel\Core\Construction\Internal\Stock;
use Rinkel\Core\Construction\Way\LacedWay;
use Rinkel\Core\Construction\Way\Way;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\Maker;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\PieceSpec;

/**
 * A flat or round cord laced through every link of a chain, from its middle outwards; worn once or in wraps.
 *
 * @internal
 */
final readonly class LacedChain implements Construction
{
    public function id(): string
    {
        return 'laced-chain';
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
        return CordNames::andLaces(['lace'], ['lace']);
    }

    public function completed(PieceSpec $wish): Piece
    {
        $link = Chains::link($wish) ?? 'chain';

        return $wish->completedWith(
            ['lace' => Stock::cord(Fibre::Suede, 1.5, '#6b4a3a')],
            [],
            [
                'chain' => Stock::finding(FindingKind::Link, 9, 7, 4.5),
                'slide' => Stock::finding(FindingKind::SlideBead, 8, 8, 3.1),
            ],
            '1 link '.$link.' x fit',
            new ClosureWish(
                new SlideBeading(),
                ['slide'],
            ),
        );
    }

    public function closures(): array
    {
        return [new SlideBeading(), ClaspClosure::onCord(), new TieClosure(), new DoubleBarrel()];
    }

    public function maker(Piece $piece): Maker
    {
        return new ChainMaker($piece, self::laces($piece));
    }

    public function way(Draft $draft): Way
    {
        return new LacedWay($draft);
    }

    public function ends(Piece $piece): CordUse
    {
        return $piece->cord('lace');
    }

    public function passes(Piece $piece, Element $bead): array
    {
        return [$this->ends($piece)->cord];
    }

    public function checks(Draft $draft): array
    {
        return Chains::checks($draft);
    }

    /**
     * Returns the laces, the first and those that run through the openings it leaves free.
     *
     * @return non-empty-list<string>
     */
    private static function laces(Piece $piece): array
    {
        return [
            'lace',
            ...array_map(strval(...), array_keys(array_diff_key($piece->cords, ['lace' => 0, 'slider' => 0]))),
        ];
    }
}
