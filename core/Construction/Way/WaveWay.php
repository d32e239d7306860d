<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Knot\Kind\VerticalLarksHead;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Message;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActingEnd;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\EndUse;
use Rinkel\Core\Work\Grip;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Stint;
use Rinkel\Core\Work\StrungBead;

/**
 * Waves of two arms, which are worked one after the other, the second to the length of the first, and joined again.
 *
 * @internal
 */
final class WaveWay extends BandWay
{
    protected function alwaysFolds(): bool
    {
        return true;
    }

    protected function isStrung(Element $bead): bool
    {
        return false;
    }

    protected function woven(WorkRun $run): array
    {
        $beads = array_values($run->element->beside);
        $steps = max(1, intdiv(\count(array_filter(
            $beads,
            static fn (Element $bead): bool => Lane::Core === $bead->seat->lane,
        )), 2));
        $from = $this->last;
        $this->last = $this->edge($run);
        $acts = [];
        foreach (array_chunk($beads, max(1, intdiv(\count($beads), 2))) as $i => $arm) {
            $acts[] = $this->arm($run, $arm, $steps, $from, 0 === $i);
        }

        return $acts;
    }

    /**
     * @param non-empty-list<Element> $arm    its beads, step by step
     * @param bool                    $isLeft or the right one
     */
    private function arm(WorkRun $run, array $arm, int $steps, Landmark $from, bool $isLeft): Act
    {
        $moves = self::moved($arm, $steps);
        $own = static fn (End $end): bool => $isLeft ? $end === $end->cord->a : $end === $end->cord->b;
        $head = (new VerticalLarksHead())->word();
        $lanes = $this->lanesOf($run->half);
        $takes = array_filter($this->taken($run), static fn (EndUse $spent): bool => $own($spent->end));

        return new Act(
            ActKind::Tie,
            Part::Body,
            new Message('wave-arm', [
                'arm' => $isLeft ? 'left' : 'right',
                'count' => $steps,
                'round' => (string) $arm[0]->name,
                'seed' => (string) ($arm[1] ?? $arm[0])->name,
                'seeds' => intdiv(\count($arm), $steps) - 1,
            ]),
            stint: new Stint(
                moves: $moves,
                count: \count($moves),
                knot: $head,
                things: array_map(static fn (Element $bead): string => (string) $bead->name, $arm),
                takes: array_values($takes),
                adds: $isLeft ? null : $run->length(),
                what: $run->element->word(),
            ),
            grip: new Grip(
                'working',
                $isLeft ? ActingEnd::Left : ActingEnd::Right,
                array_values(array_filter($lanes['working'] ?? [], $own)),
                array_values(array_filter($lanes['core'], $own)),
                half: $run->half,
                lane: $isLeft ? 1 : 2,
            ),
            spot: $isLeft ? $run->before([$from]) : $run->spot([$from], $this->places($run)),
            advice: new Advice([new Message('look-arms'), ...$this->first('look-seeds')], lesson: $head),
        );
    }

    /**
     * @param non-empty-list<Element> $arm
     *
     * @return list<Move> a head before each step's beads, and one behind the last
     */
    private static function moved(array $arm, int $steps): array
    {
        $head = Move::knot((new VerticalLarksHead())->word());
        $moves = [];
        foreach (array_chunk($arm, max(1, intdiv(\count($arm), $steps))) as $step) {
            $moves = [
                ...$moves,
                $head,
                ...array_map(static fn (Element $bead): Move => Move::bead(StrungBead::by($bead)), $step),
            ];
        }
        $moves[] = $head;

        return $moves;
    }
}
