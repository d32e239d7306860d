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
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\OutletEnds;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;
use Rinkel\Core\Work\Task;
use Rinkel\Core\Work\Tool;
use Rinkel\Core\Work\WorkCord;

/**
 * A folded cord whose two ends carry beads; after each bundle the long end ties its knot around the short one.
 *
 * @internal
 */
final class WrapWay extends Way
{
    private ?WorkCord $cord = null;

    protected function begin(): void
    {
        $this->cord = $this->bench->cord('cord', Task::Cord, $this->draft->piece->cord('cord')->cord, false);
        $this->bench->write('mount', [new Act(
            ActKind::Pin,
            Part::Mount,
            new Message('pin-wrap'),
            grip: new Grip(role: 'cord'),
            spot: new Spot(marks: [Landmark::of('mark')]),
            advice: new Advice(tools: [Tool::Board, Tool::Clip]),
        )], ['cords', 'tips']);
    }

    protected function lanes(int $half): array
    {
        return null === $this->cord ? [] : [
            'long' => [$this->cord->b],
            'short' => [$this->cord->a],
            'cord' => [$this->cord->a, $this->cord->b],
        ];
    }

    protected function start(Half $half): void
    {
        parent::start($half);
        $this->origin = $this->last = Landmark::of(
            $this->bench->habits->order->button->isLast() ? 'loop-end' : 'button-knot',
            null,
            $this->bench->habits->order->button->isLast() ? 'start 1' : 'start',
        );
    }

    protected function half(Half $half): array
    {
        $this->start($half);
        $acts = [];
        $isEye = false;
        foreach ($half->runs($this->joins(...)) as $run) {
            $isBare = ElementKind::Bare === $run->element->kind;
            array_push($acts, ...($isBare ? [$this->leave($run)] : $this->run($run)));
            if ($isEye && null !== $run->element->knot) {
                $acts[] = $this->evened($half);
            }
            $isEye = ElementKind::Beside === $run->element->kind;
        }

        return $acts;
    }

    /**
     * Returns the eye around the beads drawn even, once its knot is tied and before that is tight.
     */
    private function evened(Half $half): Act
    {
        return new Act(
            ActKind::Compare,
            Part::Body,
            new Message('compare-eye'),
            grip: new Grip(half: $half->number),
            spot: new Spot(marks: [$this->last]),
        );
    }

    protected function beadKey(Element $bead): string
    {
        return match ($bead->seat->lane) {
            Lane::Left => 'bead-long',
            Lane::Right => 'bead-short',
            default => parent::beadKey($bead),
        };
    }

    protected function carry(WorkRun $run, ?Lane $lane = null): array
    {
        $lanes = $this->lanes(0);

        return match ($lane) {
            Lane::Left => $lanes['long'] ?? [],
            Lane::Right => $lanes['short'] ?? [],
            default => $lanes['cord'] ?? [],
        };
    }

    protected function around(WorkRun $run): array
    {
        return null === $run->element->knot?->usualTurns() ? [] : $this->lanes(0)['short'] ?? [];
    }

    protected function allKey(): string
    {
        return 'tie-both';
    }

    protected function workingEnd(WorkRun $run): string
    {
        return 'long';
    }

    protected function acting(Element $element): ActingEnd
    {
        return null === $element->knot?->usualTurns() ? ActingEnd::Both : ActingEnd::Long;
    }

    protected function tying(Element $element): string
    {
        return 'cord';
    }

    protected function outlets(): array
    {
        [$startEdge, $startBare] = $this->edges->brink(true);
        [$finishEdge, $finishBare] = $this->edges->brink(false);
        $ends = null === $this->cord ? [] : [$this->cord->a, $this->cord->b];

        return [
            new Outlet(
                true,
                $startEdge,
                $startBare,
                ends: new OutletEnds(carrying: $ends),
                isFolded: true,
                isFirst: true,
            ),
            new Outlet(false, $finishEdge, $finishBare, ends: new OutletEnds(carrying: $ends)),
        ];
    }
}
