<?php

declare(strict_types=1);

namespace Rinkel\Core\Making\Way;

use Rinkel\Core\Knot\Kind\VerticalLarksHead;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Making\Acting;
use Rinkel\Core\Making\Deed;
use Rinkel\Core\Making\Move;
use Rinkel\Core\Making\Run;
use Rinkel\Core\Making\Step;
use Rinkel\Core\Making\Strung;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Said;

/**
 * Waves of two arms, which are worked one after the other, the second to the length of the first, and joined again.
 */
final readonly class WaveWay extends BandWay
{
    protected function opening(array $closure): array
    {
        return [
            Step::plain(Deed::Fix, 'begin-waves', [], role: 'core'),
            ...$closure,
            Step::plain(Deed::Fix, 'part-arms', [], role: 'working'),
        ];
    }

    protected function woven(Run $run, Length $bare): array
    {
        $beads = array_values($run->element->beside);
        $steps = max(1, intdiv(\count(array_filter(
            $beads,
            static fn (Element $bead): bool => Lane::Core === $bead->lane,
        )), 2));
        $arms = array_chunk($beads, max(1, intdiv(\count($beads), 2)));
        $head = Move::knot((new VerticalLarksHead())->word());
        $made = [];
        foreach ($arms as $i => $arm) {
            $moves = [];
            foreach (array_chunk($arm, max(1, intdiv(\count($arm), $steps))) as $step) {
                $moves = [
                    ...$moves,
                    $head,
                    ...array_map(static fn (Element $bead): Move => Move::bead(Strung::by($bead)), $step),
                ];
            }
            $moves[] = $head;
            $made[] = new Step(
                Deed::Weave,
                new Said('wave-arm', [
                    'arm' => $i + 1,
                    'count' => $steps,
                    'round' => (string) $arm[0]->name,
                    'seed' => (string) ($arm[1] ?? $arm[0])->name,
                    'seeds' => intdiv(\count($arm), $steps) - 1,
                ]),
                $moves,
                \count($moves),
                'working',
                0 === $i ? Acting::Left : Acting::Right,
                $run->from,
                $run->due(),
                $run->at,
                0 === $i ? 0.0 : $run->along(),
                new Said('look-arms'),
                lesson: (new VerticalLarksHead())->word(),
                lane: $i + 1,
            );
        }

        return $made;
    }
}
