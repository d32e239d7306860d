<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Message;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Acting;
use Rinkel\Core\Work\Does;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Strung;

/**
 * How a way puts beads and findings on, one after the other or side by side.
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
        $moves = [];
        $names = [];
        foreach ($run->elements as $element) {
            foreach ([] === $element->beside ? [$element] : $element->beside as $i => $bead) {
                $moves[] = Move::bead(Strung::by($bead, [] === $element->beside ? null : $i + 1));
                $names[] = (string) $bead->name;
            }
        }
        $from = $this->last;
        $this->last = $first->hangs ? $from : $this->edge($run);

        return new Act(
            match (true) {
                $isStrung => Does::Push,
                $isFinding || ElementKind::Charm === $first->kind => Does::Attach,
                default => Does::String,
            },
            Part::Body,
            new Message(match (true) {
                $isStrung => 'push',
                ElementKind::Charm === $first->kind => 'hang',
                $isFinding => 'finding',
                Lane::Strand === $first->lane && null === $first->strand => 'bead-strands',
                default => $this->beadKey($first),
            }, [
                'count' => \count($names),
                'beads' => BeadRow::said($names, $run),
                'bead' => (string) $first->name,
                'strand' => $first->strand ?? 0,
                'from' => $from,
            ]),
            $moves,
            \count($moves),
            through: $isFinding ? [] : $this->carry($run),
            things: $isStrung ? [] : $names,
            takes: $this->taken($run),
            adds: $run->length(),
            what: $first->word(),
            grows: $run->grows(),
            marks: [$from],
            makes: $first->hangs ? [] : $this->places($run),
            from: $run->from,
            due: $run->due(),
            at: $run->at,
            along: $run->along(),
            looks: $isStrung || $isFinding || $this->hasStrung++ > 0 ? [] : [new Message('look-tip')],
            lesson: $isFinding ? 'ring' : null,
            half: $run->half,
        );
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
            $lanes[$bead->lane->value.' '.($bead->strand ?? 0)][] = $bead;
        }
        $acts = [];
        $from = $this->last;
        $this->last = $this->edge($run);
        foreach (array_values($lanes) as $i => $beads) {
            $names = array_map(static fn (Element $bead): string => (string) $bead->name, $beads);
            $isLast = $i === \count($lanes) - 1;
            $isStrung = $this->isStrung($beads[0]);
            $acts[] = new Act(
                $isStrung ? Does::Push : Does::String,
                Part::Body,
                new Message($isStrung ? 'push' : $this->beadKey($beads[0]), [
                    'count' => \count($names),
                    'beads' => BeadRow::said($names),
                    'strand' => $beads[0]->strand ?? 0,
                    'from' => $from,
                ]),
                array_map(static fn (Element $bead): Move => Move::bead(Strung::by($bead)), $beads),
                \count($beads),
                acting: Acting::tryFrom($beads[0]->lane->value),
                through: $this->carry($run, $beads[0]->lane),
                things: $isStrung ? [] : $names,
                takes: $isLast ? $this->taken($run) : [],
                adds: $isLast ? $run->length() : null,
                what: $run->element->word(),
                grows: $run->grows(),
                marks: [$from],
                makes: $isLast ? $this->places($run) : [],
                from: $run->from,
                due: $run->due(),
                at: $run->at,
                along: $isLast ? $run->along() : 0.0,
                half: $run->half,
                lane: \count($lanes) > 1 ? $i + 1 : 0,
            );
        }

        return $acts;
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
        return 'bead-'.$bead->lane->value;
    }
}
