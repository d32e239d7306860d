<?php

declare(strict_types=1);

namespace Rinkel\App\Piece;

use Rinkel\App\Knots\KnotsAtHand;
use Rinkel\App\People\People;
use Rinkel\App\Settings\Custom;
use Rinkel\App\Settings\Preferences;
use Rinkel\Core\Construction\Offers;
use Rinkel\Core\Piece\Piece;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;

/**
 * Finds what a page can offer of a piece.
 */
final readonly class Offering
{
    public function __construct(
        private Pieces $pieces,
        private Planner $planner,
        private Offers $offers,
        private ClosureParts $parts,
        private Preferences $preferences,
        private People $people,
        private KnotsAtHand $knots,
    ) {}

    public function of(StoredPiece $stored, PieceSpec $piece, Plan $plan): Choices
    {
        $draft = $plan->draft;

        return new Choices(
            fn (): array => $this->planner->closures($draft, $this->parts->made(...)),
            $this->knots($draft->piece),
            $this->offers->parts($draft->piece),
            $draft->construction->cords(),
            $this->preferences->differing($piece),
            $this->people->all(),
            $this->pieces->steps($stored),
            'short' === $this->preferences->custom(Custom::Safety),
        );
    }

    /**
     * @return list<string> words of the knots that can be put in
     */
    private function knots(Piece $piece): array
    {
        $knots = $this->offers->knots($piece);

        return $this->offers->tiesAny($piece)
            ? array_values(array_unique([...$knots, ...$this->knots->names()])) : $knots;
    }
}
