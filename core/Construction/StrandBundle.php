<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction;

use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Closure\Kind\ClaspClosure;
use Rinkel\Core\Closure\Kind\DoubleBarrel;
use Rinkel\Core\Closure\Kind\SingleBarrel;
use Rinkel\Core\Closure\Kind\SlideBeading;
use Rinkel\Core\Closure\Kind\SquareSliding;
use Rinkel\Core\Closure\Kind\TieClosure;
use Rinkel\Core\Construction\Internal\BundleMaker;
use Rinkel\Core\Construction\Internal\Stock;
use Rinkel\Core\Construction\Way\BundleWay;
use Rinkel\Core\Construction\Way\Way;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\Maker;
use Rinkel\Core\Material\Colour;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Fibre;
use Rinkel\Core\Pattern\BeadSequence;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Severity;

/**
 * Many cut strands of mixed colour side by side, bound at both ends; two folded end cords twist into the tails of a
 * slider.
 *
 * @internal
 */
final readonly class StrandBundle implements Construction
{
    public function id(): string
    {
        return 'strand-bundle';
    }

    public function places(): array
    {
        return [BodyPlace::Wrist, BodyPlace::Ankle];
    }

    public function look(): Look
    {
        return Look::Bundle;
    }

    public function cords(): CordNames
    {
        return CordNames::andStrands(['end', 'slider']);
    }

    public function completed(PieceSpec $wish): Piece
    {
        $strands = [] === array_diff_key($wish->materials->cords, ['end' => 0, 'slider' => 0])
            ? [
                'sea' => Stock::cord(Fibre::WaxedCotton, 1.0, '#2f6f73', 6),
                'sand' => Stock::cord(Fibre::WaxedCotton, 1.0, '#d6c39a', 4),
                'rust' => Stock::cord(Fibre::WaxedCotton, 1.0, '#a8492b', 2),
            ]
            : [];

        return $wish->completedWith(
            $strands + ['end' => Stock::cord(Fibre::WaxedCotton, 1.0, '#3a3430')],
            [],
            [],
            '6 whip, gap fit, 6 whip',
            new ClosureWish(new SquareSliding()),
        );
    }

    public function closures(): array
    {
        return [
            new SquareSliding(),
            new DoubleBarrel(),
            new SingleBarrel(),
            new SlideBeading(),
            new TieClosure(),
            ClaspClosure::onCord(),
        ];
    }

    public function maker(Piece $piece): Maker
    {
        return new BundleMaker($piece, self::strands($piece));
    }

    public function way(Draft $draft): Way
    {
        return new BundleWay($draft);
    }

    public function ends(Piece $piece): CordUse
    {
        return new CordUse($piece->cord('end')->cord, 2);
    }

    public function passes(Piece $piece, Element $bead): array
    {
        return [$piece->cord('end')->cord];
    }

    public function checks(Draft $draft): array
    {
        $maker = new BundleMaker($draft->piece, self::strands($draft->piece));

        return [
            new Check('bundle-trim', Severity::Hint, ['differs' => $maker->differs($draft->body())->times(2)]),
            new Check('bundle-mix', Severity::Hint, ['order' => implode(' ', self::mixed($draft->piece))]),
        ];
    }

    /**
     * Returns the strands side by side, each colour spread evenly and no two of a colour together where that can be.
     *
     * @return list<string>
     */
    public static function mixed(Piece $piece): array
    {
        $colours = array_map(static fn (CordUse $use): Colour => $use->cord->colour, self::strands($piece));
        $names = [];
        foreach (self::strands($piece) as $name => $use) {
            array_push($names, ...array_fill(0, $use->count, (string) $name));
        }

        return BeadSequence::spread($names, $colours);
    }

    /**
     * @return non-empty-array<string, CordUse>
     */
    private static function strands(Piece $piece): array
    {
        $strands = array_diff_key($piece->cords, ['end' => 0, 'slider' => 0]);

        return [] === $strands ? ['end' => $piece->cord('end')] : $strands;
    }
}
