<?php

declare(strict_types=1);

namespace Rinkel\App\Cutting;

use Rinkel\App\Making\MakingPlans;
use Rinkel\App\Making\Makings;
use Rinkel\App\Making\MakingState;
use Rinkel\App\Making\StoredMaking;
use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Platform\LooseData;
use Rinkel\App\Stock\StockBox;
use Rinkel\Core\Cutting\Cutting;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;
use Symfony\Component\HttpFoundation\ParameterBag;

/**
 * Reads which pieces a maker chose, and how many of each, and plans them.
 */
final readonly class ChosenPiecesReader
{
    /** So many different pieces at once, and so many of each (judgement: more are no week). */
    private const MOST = 30;
    private const TIMES = 50;
    private const MAKINGS = 200;

    /** So many pieces are offered. */
    private const OFFERED = 40;

    public function __construct(
        private Pieces $pieces,
        private Planner $planner,
        private Makings $makings,
        private MakingPlans $plans,
        private StockBox $stock,
    ) {}

    /**
     * @param ParameterBag $sent p[], the pieces, and n[…], how many of each, one each where nothing is said; and m[],
     *                           makings that are planned or partly cut
     */
    public function of(ParameterBag $sent): ChosenPieces
    {
        $said = LooseData::of($sent->all());
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
                    null,
                ];
            } catch (PieceUnreadable) {
                // The Table says what is wrong with it.
            }
        }

        $makings = array_map($this->makings->find(...), \array_slice($said->ids('m'), 0, self::MAKINGS));

        return new ChosenPieces([...$chosen, ...$this->these(array_values(array_filter($makings)))]);
    }

    /**
     * @param list<StoredMaking> $makings
     *
     * @return list<array{StoredPiece, Plan, int, StoredMaking|null}> those with something still to be cut, or all
     */
    private function these(array $makings, bool $all = false): array
    {
        [$chosen, $plans] = [[], []];
        foreach ($makings as $making) {
            $piece = $making->piece();
            if (null === $piece || (!$all && MakingState::Planned !== $making->state())) {
                continue;
            }
            $key = MakingPlans::alike($making);
            try {
                $plans[$key] ??= $this->plans->plan($making);
                $chosen[] = [$piece, $plans[$key], 1, $making];
            } catch (PieceUnreadable) {
                // Its order says what is wrong with it.
            }
        }

        return $chosen;
    }

    /**
     * @param list<StoredMaking> $makings of which some may be cut
     *
     * @return ChosenPieces those with something still to be cut
     */
    public function makings(array $makings): ChosenPieces
    {
        return new ChosenPieces($this->these($makings));
    }

    /**
     * @param list<StoredMaking> $makings
     *
     * @return ChosenPieces all of them, however far they are
     */
    public function all(array $makings): ChosenPieces
    {
        return new ChosenPieces($this->these($makings, true));
    }

    public function one(StoredPiece $stored): ChosenPieces
    {
        return $this->of(new ParameterBag(['p' => [(string) $stored->id()]]));
    }

    /**
     * Returns how they are cut from what the stock has of their cords.
     */
    public function cutting(ChosenPieces $chosen): Cutting
    {
        return $chosen->cutting($this->stock->cords($chosen->likenesses()));
    }

    /**
     * @return array<string, mixed> what every page of chosen pieces shows, by name
     */
    public function page(ChosenPieces $chosen): array
    {
        return ['chosen' => $chosen, 'chosen_query' => $chosen->query(), 'offered' => $this->offered()];
    }

    /**
     * @return list<StoredPiece> that could be chosen, worked on last first
     */
    public function offered(): array
    {
        return $this->pieces->onTheTable(self::OFFERED);
    }
}
