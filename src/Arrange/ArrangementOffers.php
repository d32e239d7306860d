<?php

declare(strict_types=1);

namespace Rinkel\App\Arrange;

use Rinkel\Core\Arrangement\Arrangement;
use Rinkel\Core\Arrangement\Arrangements;
use Rinkel\Core\Arrangement\BeadTray;
use Rinkel\Core\Arrangement\Laid;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Piece\PieceSpec;
use Rinkel\Core\Plan\Plan;
use Rinkel\Core\Plan\Planner;

/**
 * Arrangements of a piece's beads, each with the piece as it would be.
 */
final readonly class ArrangementOffers
{
    public function __construct(private Planner $planner) {}

    /**
     * @return list<array{Arrangement, Plan}> none where the piece has not two kinds of bead that stand by themselves
     */
    public function six(PieceSpec $wish, int $seed): array
    {
        $plan = $this->planner->plan($wish);
        $tree = $plan->draft->piece->pattern->tree;
        $beads = array_diff_key($plan->draft->piece->beads, array_flip(Laid::elsewhere($tree)));
        if (!Laid::isThere($tree) || \count($beads) < 2) {
            return [];
        }
        $offered = [];
        $six = (new Arrangements(new BeadTray($beads)))->six(Laid::wanted($tree, self::count($plan)), $seed);
        foreach ($six as $arrangement) {
            $pattern = Laid::in($tree, $arrangement->run());
            if (null !== $pattern) {
                $decided = $wish->decidedAs($plan->draft->piece, ['beads', 'findings', 'pattern']);
                // Two ways that come to the same are shown once.
                $offered[(string) $pattern] ??= [$arrangement, $this->planner->plan($decided->withPattern($pattern))];
            }
        }

        return array_values($offered);
    }

    private static function count(Plan $plan): int
    {
        return \count(array_filter(
            $plan->draft->setting->elements,
            static fn (Element $element): bool => $element->isBead() && null === $element->mention->letter,
        ));
    }
}
