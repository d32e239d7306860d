<?php

declare(strict_types=1);

namespace Rinkel\App\Stock;

use Rinkel\App\Piece\Pieces;
use Rinkel\App\Piece\StoredPiece;
use Rinkel\App\Platform\Wording\Wording;
use Rinkel\Core\Cutting\Cutting;
use Rinkel\Core\Piece\Exception\PieceUnreadable;
use Rinkel\Core\Plan\Planner;

/**
 * Works out what is cut for some pieces, from what is in stock.
 */
final readonly class CutPlans
{
    /** So many pieces at once (judgement: more are no evening). */
    private const MOST = 30;

    public function __construct(
        private Pieces $pieces,
        private Planner $planner,
        private CordStock $stock,
        private Wording $wording,
    ) {}

    /**
     * @param list<int> $ids
     *
     * @return list<StoredPiece> those that can be planned
     */
    public function pieces(array $ids): array
    {
        $pieces = [];
        foreach (\array_slice(array_values(array_unique($ids)), 0, self::MOST) as $id) {
            $stored = $this->pieces->find($id);
            if (null !== $stored && !$stored->isArchived()) {
                $pieces[] = $stored;
            }
        }

        return $pieces;
    }

    /**
     * @return list<StoredPiece> that could be cut, worked on last first
     */
    public function offered(): array
    {
        return \array_slice($this->pieces->onTheTable(), 0, 40);
    }

    /**
     * @param list<StoredPiece> $pieces
     */
    public function of(array $pieces): Cutting
    {
        $cuts = [];
        foreach ($pieces as $stored) {
            try {
                $plan = $this->planner->plan($this->pieces->piece($stored));
                $piece = $plan->draft->piece;
                $name = $piece->name.(isset($cuts[$piece->name]) ? ' #'.$stored->id() : '');
                $cuts[$name] = [$plan->cuts, $piece->habits->cutStep($piece->unit)];
            } catch (PieceUnreadable) {
                // The Table says what is wrong with it.
            }
        }

        return Cutting::of($cuts, $this->stock->cords());
    }

    /**
     * Returns a cut's label as a maker says it: "Harbour rail · working cord 2".
     */
    public function label(string $id): string
    {
        $at = (int) strrpos($id, ' · ');
        [$piece, $role] = [substr($id, 0, $at), substr($id, $at + \strlen(' · '))];
        $number = 1 === preg_match('/^(.*) (\d+)$/D', $role, $match) ? ' '.$match[2] : '';

        return $piece.' · '.mb_strtolower($this->wording->role($match[1] ?? $role)).$number;
    }
}
