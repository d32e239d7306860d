<?php

declare(strict_types=1);

namespace Rinkel\Core\Making\Way;

use Rinkel\Core\Knot\Kind\HalfHitch;
use Rinkel\Core\Knot\Kind\HalfLeft;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Making\Deed;
use Rinkel\Core\Making\Move;
use Rinkel\Core\Making\Run;
use Rinkel\Core\Making\Step;
use Rinkel\Core\Making\Strung;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Said;

/**
 * Rows of beads side by side: in each step beads on all cores, a half knot that holds the middle, and a hitch around
 * each further core on either side.
 */
final readonly class RowsWay extends BandWay
{
    protected function joins(Element $last, Element $next): bool
    {
        return parent::joins($last, $next) || ElementKind::Rows === $last->kind && ElementKind::Rows === $next->kind
            && $last->beads() === $next->beads();
    }

    protected function woven(Run $run, Length $bare): array
    {
        $rows = \count($run->element->beside);
        $beads = [];
        foreach ($run->element->beside as $i => $bead) {
            $beads[] = Move::bead(Strung::by($bead, $i + 1));
        }
        $hitches = [];
        for ($row = 1; $row <= intdiv($rows - 1, 2); ++$row) {
            $hitches[] = Move::knot((new HalfHitch())->word(), Side::Left);
            $hitches[] = Move::knot((new HalfHitch())->word(), Side::Right);
        }
        $moves = [...$beads, self::holding(), ...$hitches];

        return [new Step(
            Deed::Weave,
            new Said('rows', ['count' => $run->count(), 'rows' => $rows, 'hitches' => \count($hitches)]),
            $moves,
            $run->count() * \count($moves),
            $this->tying($run->element),
            from: $run->from,
            due: $run->due(),
            at: $run->at,
            along: $run->along(),
            look: new Said('look-rows'),
            lesson: (new HalfLeft())->word(),
        )];
    }

    /**
     * A last bead in the middle is held by a half knot of its own.
     */
    protected function string(Run $run, Length $bare): Step
    {
        $role = $this->tying($run->element);
        if (null === $role || $run->count() > 1) {
            return parent::string($run, $bare);
        }

        return new Step(
            Deed::Weave,
            new Said('last-middle', ['bead' => (string) $run->element->name]),
            [
                Move::bead(Strung::by($run->element, intdiv($this->plan->draft->piece->cord('core')->count, 2) + 1)),
                self::holding(),
            ],
            2,
            $role,
            from: $run->from,
            due: $run->due(),
            at: $run->at,
            along: $run->along(),
        );
    }

    private static function holding(): Move
    {
        return Move::knot((new HalfLeft())->word());
    }
}
