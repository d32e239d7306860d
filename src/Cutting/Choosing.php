<?php

declare(strict_types=1);

namespace Rinkel\App\Cutting;

use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Platform\Http\RequestData;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Plan\Planner;
use Symfony\Component\HttpFoundation\ParameterBag;

/**
 * Reads which pieces a maker chose, and how many of each, and plans them.
 */
final readonly class Choosing
{
    /** So many different pieces at once, and so many of each (judgement: more are no week). */
    private const MOST = 30;
    private const TIMES = 50;

    /** So many pieces are offered. */
    private const OFFERED = 40;

    public function __construct(
        private Pieces $pieces,
        private Planner $planner,
    ) {}

    /**
     * @param ParameterBag $sent p[], the pieces, and n[…], how many of each; one each where nothing is said
     */
    public function of(ParameterBag $sent): Chosen
    {
        $said = RequestData::of($sent->all());
        $chosen = [];
        foreach (\array_slice($said->ids('p'), 0, self::MOST) as $id) {
            $stored = $this->pieces->find($id);
            if (null === $stored || $stored->isArchived()) {
                continue;
            }
            try {
                $chosen[] = [
                    $stored,
                    $this->planner->plan($this->pieces->piece($stored)),
                    $said->within('n')->number((string) $id, 1, self::TIMES, 1),
                ];
            } catch (PieceUnreadable) {
                // The Table says what is wrong with it.
            }
        }

        return new Chosen($chosen);
    }

    public function one(StoredPiece $stored): Chosen
    {
        return $this->of(new ParameterBag(['p' => [(string) $stored->id()]]));
    }

    /**
     * @return list<StoredPiece> that could be chosen, worked on last first
     */
    public function offered(): array
    {
        return $this->pieces->onTheTable(self::OFFERED);
    }
}
