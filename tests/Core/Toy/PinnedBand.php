<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Toy;

use Rinkel\Core\Closure\ClosureWish;
use Rinkel\Core\Construction\Construction;
use Rinkel\Core\Construction\CordNames;
use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Construction\Look;
use Rinkel\Core\Construction\SquareKnotBand;
use Rinkel\Core\Construction\Way\Way;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\Maker;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Severity;

/**
 * A construction that Rinkel does not know, closed in a way it does not know: to show what adding one takes.
 */
final readonly class PinnedBand implements Construction
{
    public function id(): string
    {
        return 'pinned-band';
    }

    public function look(): Look
    {
        return Look::Band;
    }

    public function places(): array
    {
        return [BodyPlace::Ankle];
    }

    public function cords(): CordNames
    {
        return CordNames::only(['core', 'working'], ['core']);
    }

    public function completed(PieceSpec $wish): Piece
    {
        return (new SquareKnotBand())->completed($wish->withClosure($wish->closure ?? new ClosureWish(new Pinning())));
    }

    public function closures(): array
    {
        return [new Pinning()];
    }

    public function maker(Piece $piece): Maker
    {
        return (new SquareKnotBand())->maker($piece);
    }

    public function way(Draft $draft): Way
    {
        return (new SquareKnotBand())->way($draft);
    }

    public function ends(Piece $piece): CordUse
    {
        return $piece->cord('core');
    }

    public function passes(Piece $piece, Element $bead): array
    {
        return [];
    }

    public function checks(Draft $draft): array
    {
        return [new Check('toy', Severity::Hint)];
    }
}
