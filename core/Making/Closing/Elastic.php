<?php

declare(strict_types=1);

namespace Rinkel\Core\Making\Closing;

use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Making\Cure;
use Rinkel\Core\Making\Deed;
use Rinkel\Core\Making\Move;
use Rinkel\Core\Making\Step;
use Rinkel\Core\Making\Tool;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Plan\Plan;

/**
 * Three overhands by turns, left over right and right over left; glued where asked, trimmed after the cure, hidden.
 */
final readonly class Elastic extends Plain
{
    /** Overhands of one knot, and how many sides they are tied from (common practice). */
    private const KNOTS = 3;

    public function takesEnds(): bool
    {
        return true;
    }

    public function closing(Plan $plan): array
    {
        $word = (new Overhand())->word();
        $covers = array_filter(
            $plan->draft->fastened->findings,
            static fn ($finding): bool => FindingKind::CrimpCover === $finding->kind,
        );
        $knots = self::KNOTS * max(1, \count($covers));

        return [
            Step::plain(Deed::Close, 'draw-elastic', look: 'look-not-tight'),
            Step::knots('elastic-knot', ['count' => $knots], [
                Move::knot($word, Side::Left),
                Move::knot($word, Side::Right),
                Move::knot($word, Side::Left),
            ], $knots, 'cord'),
            ...($plan->draft->piece->closure->glued ? [
                Step::plain(Deed::Secure, 'glue-knot', [], [Tool::Glue], 'cord'),
                Step::wait('cure-elastic', Cure::Elastic->minutes()),
            ] : []),
            Step::plain(Deed::Trim, 'trim-elastic', [], [Tool::Scissors], 'cord'),
            Step::plain(
                Deed::Close,
                [] === $covers ? 'hide-knot' : 'crimp-cover',
                [],
                [] === $covers ? [] : [Tool::Pliers],
            ),
        ];
    }
}
