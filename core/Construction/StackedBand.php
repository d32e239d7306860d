<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Kind\SquareSliding;
use Rinkel\Core\Construction\Internal\BandMaker;
use Rinkel\Core\Construction\Internal\OnCore;
use Rinkel\Core\Construction\Internal\Stock;
use Rinkel\Core\Construction\Way\StackedWay;
use Rinkel\Core\Construction\Way\Way;
use Rinkel\Core\Line\Maker;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Severity;

/**
 * Several pairs of working cords on one core take turns, so that their colours repeat; a pair that rests lies along the
 * core.
 *
 * @internal
 */
final readonly class StackedBand extends OnCore
{
    public function id(): string
    {
        return 'stacked-band';
    }

    public function cords(): CordNames
    {
        return CordNames::andPairs(['core', 'slider'], ['core'])->folding();
    }

    public function completed(PieceSpec $wish): Piece
    {
        $pairs = [] === array_diff_key($wish->materials->cords, ['core' => 0, 'slider' => 0])
            ? [
                'first' => Stock::cord(Fibre::Polyester, 0.8, '#1f5f6b'),
                'second' => Stock::cord(Fibre::Polyester, 0.8, '#d9a441'),
            ]
            : [];
        $names = array_keys($pairs + array_diff_key($wish->materials->cords, ['core' => 0, 'slider' => 0]));

        return $wish->completedWith(
            $pairs + ['core' => Stock::cord(Fibre::Polyester, 0.8, '#2b2b33', 2)],
            [],
            [],
            '('.implode(', ', array_map(static fn (string $name): string => '3 square in '.$name, $names)).') x fit partly',
            new ClosureWish(new SquareSliding()),
        );
    }

    public function maker(Piece $piece): Maker
    {
        return new BandMaker($piece, $this->pairs($piece));
    }

    public function way(Draft $draft): Way
    {
        return new StackedWay($draft);
    }

    public function checks(Draft $draft): array
    {
        $pairs = array_keys($this->pairs($draft->piece));
        $idle = array_filter($pairs, static fn (string $role): bool => !$draft->setting->take($role)->ties());

        return [
            ...Internal\Holding::folds($draft),
            ...([] === $idle ? [] : [new Check('pair-never-works', Severity::Warn, ['pair' => implode(', ', $idle)])]),
        ];
    }

    /**
     * @return non-empty-array<string, CordUse>
     */
    private function pairs(Piece $piece): array
    {
        $pairs = array_diff_key($piece->cords, ['core' => 0, 'slider' => 0]);

        return [] === $pairs ? ['core' => $piece->cord('core')] : $pairs;
    }
}
