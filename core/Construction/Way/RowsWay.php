<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Knot\Kind\HalfHitch;
use Rinkel\Core\Knot\Kind\HalfLeft;
use Rinkel\Core\Knot\Side;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Message;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\Grip;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Stint;
use Rinkel\Core\Work\StrungBead;

/**
 * Rows of beads side by side: in each step beads on all cores, a half knot that holds the middle, and a hitch around
 * each further core on either side.
 *
 * @internal
 */
final class RowsWay extends BandWay
{
    protected function joins(Element $last, Element $next): bool
    {
        return parent::joins($last, $next) || ElementKind::Rows === $last->kind && ElementKind::Rows === $next->kind
            && $last->beads() === $next->beads();
    }

    /**
     * Rows are strung before the first of them.
     */
    protected function isStrung(Element $bead): bool
    {
        return isset($this->draft->piece->beads[$bead->name])
            && !\in_array($bead->seat->lane, [Lane::Left, Lane::Right], true);
    }

    /**
     * Each bead of a row lies on its own core, a last one on that in the middle.
     */
    protected function strandOf(Element $element, Element $bead, int $i): int
    {
        return match (true) {
            ElementKind::Rows === $element->kind => $i + 1,
            null !== $this->tying($element) => intdiv($this->draft->piece->cord('core')->count, 2) + 1,
            default => $bead->seat->strand ?? 0,
        };
    }

    protected function woven(WorkRun $run): array
    {
        $rows = \count($run->element->beside);
        $moves = [];
        $names = [];
        foreach ($run->element->beside as $i => $bead) {
            $moves[] = Move::bead(StrungBead::by($bead, $i + 1));
            $names[] = (string) $bead->name;
        }
        $moves[] = self::holding();
        $hitches = intdiv($rows - 1, 2);
        for ($row = 1; $row <= $hitches; ++$row) {
            $moves[] = Move::knot((new HalfHitch())->word(), Side::Left);
            $moves[] = Move::knot((new HalfHitch())->word(), Side::Right);
        }
        $from = $this->last;
        $this->last = $this->edge($run);

        return [$this->tied($run, $from, new Message('rows', [
            'count' => $run->count(),
            'beads' => implode(', ', $names),
            'rows' => $rows,
            'hitches' => $hitches,
            'from' => $from,
        ]), $moves, $run->count() * \count($moves), [new Message('look-rows')])];
    }

    /**
     * Returns beads that are held by knots of their own.
     *
     * @param list<Move>    $moves
     * @param list<Message> $looks
     */
    private function tied(WorkRun $run, Landmark $from, Message $said, array $moves, int $count, array $looks = []): Act
    {
        return new Act(
            ActKind::Tie,
            Part::Body,
            $said,
            stint: new Stint(
                moves: $moves,
                count: $count,
                knot: (new HalfLeft())->word(),
                takes: $this->taken($run),
                adds: $run->length(),
                what: $run->element->word(),
                grows: $run->grows(),
            ),
            grip: new Grip(
                role: $this->tying($run->element),
                by: $this->ties($run),
                around: $this->around($run),
                half: $run->half,
            ),
            spot: $run->spot(marks: [$from], makes: $this->places($run)),
            advice: new Advice(looks: $looks, lesson: 'rows'),
        );
    }

    /**
     * A last bead in the middle is held by a half knot of its own.
     */
    protected function string(WorkRun $run): Act
    {
        if (null === $this->tying($run->element) || $run->count() > 1) {
            return parent::string($run);
        }
        $from = $this->last;
        $this->last = $this->edge($run);

        return $this->tied($run, $from, new Message('last-middle', ['bead' => (string) $run->element->name]), [
            Move::bead(StrungBead::by($run->element, intdiv($this->draft->piece->cord('core')->count, 2) + 1)),
            self::holding(),
        ], 2);
    }

    private static function holding(): Move
    {
        return Move::knot((new HalfLeft())->word());
    }
}
