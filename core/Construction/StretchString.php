<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Kind\KnottedElastic;
use Rinkel\Core\Construction\Internal\OnCord;
use Rinkel\Core\Construction\Internal\Stock;
use Rinkel\Core\Construction\Way\ElasticWay;
use Rinkel\Core\Construction\Way\Way;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\PieceSpec;

/**
 * Beads on elastic, knotted shut; also with a word in the middle.
 *
 * @internal
 */
final readonly class StretchString extends OnCord
{
    public function id(): string
    {
        return 'stretch';
    }

    public function completed(PieceSpec $wish): Piece
    {
        return $wish->completedWith(
            ['cord' => Stock::cord(Fibre::ElasticBraid, 0.7, '#e8e8e8')],
            ['round' => Stock::round(8, '#8fb3a8', 1.2)],
            [],
            '('.implode(
                ', ',
                array_map(
                    static fn (string $name): string => '1 bead '.$name,
                    [] === $wish->materials->beads ? ['round'] : array_map(strval(...), array_keys($wish->materials->beads)),
                ),
            ).') x fit',
            new ClosureWish(new KnottedElastic()),
        );
    }

    public function closures(): array
    {
        return [new KnottedElastic()];
    }

    public function way(Draft $draft): Way
    {
        return new ElasticWay($draft);
    }

    public function checks(Draft $draft): array
    {
        return (new Internal\ElasticJudgement($draft))->checks();
    }

    public function ties(Knot $knot): bool
    {
        return false;
    }
}
