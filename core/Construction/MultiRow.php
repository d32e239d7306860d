<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Kind\SquareSliding;
use Rinkel\Core\Construction\Internal\OnCore;
use Rinkel\Core\Construction\Internal\RowsMaker;
use Rinkel\Core\Construction\Internal\Stock;
use Rinkel\Core\Construction\Way\RowsWay;
use Rinkel\Core\Construction\Way\Way;
use Rinkel\Core\Line\Maker;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Remedy;
use Rinkel\Core\Remark\Severity;

/**
 * Two to five rows of beads side by side, each on a core of its own, held by half knots and hitches; square knots
 * around all cores at both ends.
 *
 * @internal
 */
final readonly class MultiRow extends OnCore
{
    public function id(): string
    {
        return 'multi-row';
    }

    public function cords(): CordNames
    {
        return CordNames::only(['core', 'working', 'slider'], ['core'])->folding();
    }

    public function completed(PieceSpec $wish): Piece
    {
        $rows = $wish->materials->cords['core']->count ?? 3;
        $names = array_map(strval(...), array_keys($wish->materials->beads));
        $step = [];
        for ($row = 0; $row < $rows; ++$row) {
            $outer = abs($row - ($rows - 1) / 2) >= 1;
            $step[] = $outer ? ($names[0] ?? 'outer') : ($names[1] ?? $names[0] ?? 'middle');
        }

        return $wish->completedWith(
            [
                'core' => Stock::cord(Fibre::Polyester, 0.8, '#3d4a52', 3),
                'working' => Stock::cord(Fibre::Polyester, 0.8, '#3d4a52'),
            ],
            ['outer' => Stock::round(4, '#b9c4ae', 1.2), 'middle' => Stock::round(5, '#47697d', 1.3)],
            [],
            '3 square, bundle '.implode(' ', $step).' x fit, 3 square',
            new ClosureWish(new SquareSliding()),
        );
    }

    public function maker(Piece $piece): Maker
    {
        return new RowsMaker($piece, ['working' => $piece->cord('working')]);
    }

    public function way(Draft $draft): Way
    {
        return new RowsWay($draft);
    }

    public function checks(Draft $draft): array
    {
        $rows = $draft->piece->cord('core')->count;

        return [
            ...Internal\Holding::folds($draft),
            ...($rows >= 2 && $rows <= 5 ? [] : [
                new Check(
                    'rows-two-to-five',
                    Severity::Warn,
                    ['rows' => $rows],
                    new Remedy('cords.core.count', $rows < 2 ? 2 : 5),
                ),
            ]),
        ];
    }
}
