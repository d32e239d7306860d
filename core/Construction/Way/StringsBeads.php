<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Message;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActingEnd;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\Grip;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;
use Rinkel\Core\Work\Stint;
use Rinkel\Core\Work\StrungBead;

/**
 * How a way puts beads and findings on, one after the other or side by side.
 *
 * @internal
 */
trait StringsBeads
{
    /** How many runs of beads were strung. */
    private int $hasStrung = 0;

    protected function string(WorkRun $run): Act
    {
        $first = $run->element;
        $isFinding = !isset($this->draft->piece->beads[$first->name]);
        $isStrung = $this->isStrung($first);
        [$moves, $names] = self::strung($run);
        $from = $this->last;
        $this->last = $first->seat->hangs ? $from : $this->edge($run);

        return new Act(
            match (true) {
                $isStrung => ActKind::Push,
                $isFinding || ElementKind::Charm === $first->kind => ActKind::Attach,
                default => ActKind::String,
            },
            Part::Body,
            new Message($isStrung ? 'push' : $this->stringKey($first, $isFinding), [
                'count' => \count($names),
                'beads' => BeadRow::said($names, $run),
                'bead' => (string) $first->name,
                'strand' => $first->seat->strand ?? 0,
                'from' => $from,
            ]),
            stint: new Stint(
                moves: $moves,
                count: \count($moves),
                things: $isStrung ? [] : $names,
                takes: $this->taken($run),
                adds: $run->length(),
                what: $first->word(),
                grows: $run->grows(),
            ),
            grip: new Grip(through: $isFinding ? [] : $this->carry($run), half: $run->half),
            spot: $run->spot(marks: [$from], makes: $first->seat->hangs ? [] : $this->places($run)),
            advice: new Advice(
                looks: $isStrung || $isFinding || $this->hasStrung++ > 0 ? [] : [new Message('look-tip')],
                lesson: $isFinding ? 'ring' : null,
            ),
        );
    }

    private function stringKey(Element $first, bool $isFinding): string
    {
        return match (true) {
            ElementKind::Charm === $first->kind => 'hang',
            $isFinding => 'finding',
            Lane::Strand === $first->seat->lane && null === $first->seat->strand => 'bead-strands',
            default => $this->beadKey($first),
        };
    }

    /**
     * @return array{list<Move>, list<string>} one by one, those side by side as well, and their names
     */
    private static function strung(WorkRun $run): array
    {
        $moves = [];
        $names = [];
        foreach ($run->elements as $element) {
            foreach ([] === $element->beside ? [$element] : $element->beside as $i => $bead) {
                $moves[] = Move::bead(StrungBead::by($bead, [] === $element->beside ? null : $i + 1));
                $names[] = (string) $bead->name;
            }
        }

        return [$moves, $names];
    }

    /**
     * Returns beads that lie side by side, each lane for itself: those of the left, of the right, of each strand.
     *
     * @return list<Act>
     */
    protected function beside(WorkRun $run): array
    {
        $lanes = [];
        foreach ($run->element->beside as $bead) {
            $lanes[$bead->seat->lane->value.' '.($bead->seat->strand ?? 0)][] = $bead;
        }
        $acts = [];
        $from = $this->last;
        $this->last = $this->edge($run);
        foreach (array_values($lanes) as $i => $beads) {
            $isLast = $i === \count($lanes) - 1;
            $acts[] = $this->lane($run, $beads, $from, $isLast, \count($lanes) > 1 ? $i + 1 : 0);
        }

        return $acts;
    }

    /**
     * @param non-empty-list<Element> $beads  of one lane
     * @param bool                    $isLast whether what they take of the cord that runs past is counted with them
     */
    private function lane(WorkRun $run, array $beads, Landmark $from, bool $isLast, int $lane): Act
    {
        $names = array_map(static fn (Element $bead): string => (string) $bead->name, $beads);
        $isStrung = $this->isStrung($beads[0]);

        return new Act(
            $isStrung ? ActKind::Push : ActKind::String,
            Part::Body,
            new Message($isStrung ? 'push' : $this->beadKey($beads[0]), [
                'count' => \count($names),
                'beads' => BeadRow::said($names),
                'strand' => $beads[0]->seat->strand ?? 0,
                'from' => $from,
            ]),
            stint: new Stint(
                moves: array_map(static fn (Element $bead): Move => Move::bead(StrungBead::by($bead)), $beads),
                count: \count($beads),
                things: $isStrung ? [] : $names,
                takes: $isLast ? $this->taken($run) : [],
                adds: $isLast ? $run->length() : null,
                what: $run->element->word(),
                grows: $run->grows(),
            ),
            grip: new Grip(
                acting: ActingEnd::tryFrom($beads[0]->seat->lane->value),
                through: $this->carry($run, $beads[0]->seat->lane),
                half: $run->half,
                lane: $lane,
            ),
            spot: new Spot(
                $run->from,
                $run->due(),
                $run->at,
                $isLast ? $run->along() : 0.0,
                [$from],
                $isLast ? $this->places($run) : [],
            ),
        );
    }

    /**
     * Returns whether a bead is on its cord already when its turn comes.
     */
    protected function isStrung(Element $bead): bool
    {
        return false;
    }

    protected function beadKey(Element $bead): string
    {
        return 'bead-'.$bead->seat->lane->value;
    }
}
