<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Knot\Kind\VerticalLarksHead;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Message;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Acting;
use Rinkel\Core\Work\Does;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spent;
use Rinkel\Core\Work\Strung;

/**
 * Waves of two arms, which are worked one after the other, the second to the length of the first, and joined again.
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
            static fn (Element $bead): bool => Lane::Core === $bead->lane,
        )), 2));
        $takes = $this->taken($run);
        $head = Move::knot((new VerticalLarksHead())->word());
        $from = $this->last;
        $this->last = $this->edge($run);
        $acts = [];
        foreach (array_chunk($beads, max(1, intdiv(\count($beads), 2))) as $i => $arm) {
            $moves = [];
            foreach (array_chunk($arm, max(1, intdiv(\count($arm), $steps))) as $step) {
                $moves = [
                    ...$moves,
                    $head,
                    ...array_map(static fn (Element $bead): Move => Move::bead(Strung::by($bead)), $step),
                ];
            }
            $moves[] = $head;
            $own = static fn (End $end): bool => 0 === $i ? $end === $end->cord->a : $end === $end->cord->b;
            $lanes = $this->lanesOf($run->half);
            $acts[] = new Act(
                Does::Tie,
                Part::Body,
                new Message('wave-arm', [
                    'arm' => 0 === $i ? 'left' : 'right',
                    'count' => $steps,
                    'round' => (string) $arm[0]->name,
                    'seed' => (string) ($arm[1] ?? $arm[0])->name,
                    'seeds' => intdiv(\count($arm), $steps) - 1,
                ]),
                $moves,
                \count($moves),
                'working',
                0 === $i ? Acting::Left : Acting::Right,
                by: array_values(array_filter($lanes['working'] ?? [], $own)),
                around: array_values(array_filter($lanes['core'], $own)),
                things: array_map(static fn (Element $bead): string => (string) $bead->name, $arm),
                takes: array_values(array_filter($takes, static fn (Spent $spent): bool => $own($spent->end))),
                adds: 1 === $i ? $run->length() : null,
                what: $run->element->word(),
                marks: [$from],
                makes: 1 === $i ? $this->places($run) : [],
                knot: (new VerticalLarksHead())->word(),
                from: $run->from,
                due: $run->due(),
                at: $run->at,
                along: 0 === $i ? 0.0 : $run->along(),
                looks: [new Message('look-arms'), ...$this->first('look-seeds')],
                lesson: (new VerticalLarksHead())->word(),
                half: $run->half,
                lane: $i + 1,
            );
        }

        return $acts;
    }
}
