<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Internal;

use Rinkel\Core\Closure\Kind\Breakaway;
use Rinkel\Core\Closure\Kind\ButtonAndLoop;
use Rinkel\Core\Closure\Kind\ClaspClosure;
use Rinkel\Core\Closure\Kind\DoubleBarrel;
use Rinkel\Core\Closure\Kind\ForGood;
use Rinkel\Core\Closure\Kind\SingleBarrel;
use Rinkel\Core\Closure\Kind\SlideBeading;
use Rinkel\Core\Closure\Kind\SquareSliding;
use Rinkel\Core\Closure\Kind\TieClosure;
use Rinkel\Core\Closure\Kind\TwoEnding;
use Rinkel\Core\Construction\Construction;
use Rinkel\Core\Construction\CordNames;
use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Construction\Look;
use Rinkel\Core\Construction\Way\CordWay;
use Rinkel\Core\Construction\Way\Way;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\Maker;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Piece\Piece;

/**
 * What is the same in all pieces whose cord carries beads and ties knots in itself, and whose ends make the closure.
 *
 * @internal
 */
abstract readonly class OnCord implements Construction
{
    public function look(): Look
    {
        return Look::Cord;
    }

    public function places(): array
    {
        return [BodyPlace::Wrist, BodyPlace::Ankle, BodyPlace::Neck];
    }

    public function cords(): CordNames
    {
        return CordNames::only([$this->role(), 'slider']);
    }

    public function closures(): array
    {
        return [
            new DoubleBarrel(), new SingleBarrel(), new SquareSliding(), new SlideBeading(), ClaspClosure::onCord(),
            ButtonAndLoop::onCord(), new TieClosure(), new Breakaway(), TwoEnding::onCord(), new ForGood(),
        ];
    }

    public function maker(Piece $piece): Maker
    {
        return new CordMaker($piece, $this->role(), $this, $this->strands($piece));
    }

    public function way(Draft $draft): Way
    {
        return new CordWay($draft);
    }

    public function ends(Piece $piece): CordUse
    {
        return $piece->cord($this->role());
    }

    public function passes(Piece $piece, Element $bead): array
    {
        return [$piece->cord($this->role())->cord];
    }

    public function checks(Draft $draft): array
    {
        return [];
    }

    /**
     * Returns whether more strands can hang below its first.
     */
    public function hasLayers(): bool
    {
        return false;
    }

    protected function role(): string
    {
        return 'cord';
    }

    /**
     * Returns whether its cord ties such a knot in itself.
     */
    public function ties(Knot $knot): bool
    {
        return Manner::Own === $knot->manner();
    }

    /**
     * Returns how many lie side by side, each with every bead of the line.
     */
    protected function strands(Piece $piece): int
    {
        return 1;
    }
}
