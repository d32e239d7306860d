<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\Setting;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
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
 * Strands that hang one below another: level and together where they begin, then each made for itself from there, the
 * shortest first; hung up and compared before they are brought together at their other end.
 *
 * @internal
 */
final class LayersWay extends StrandsWay
{
    /** Numbers of strands begin where those of halves end. */
    private const FIRST = 3;

    /** @var list<WorkCord> by strand */
    private array $strands = [];

    protected function begin(): void
    {
        foreach ($this->roles() as $i => $role) {
            $this->strands[] = $this->bench->cord(
                $role,
                Task::Strand,
                $this->draft->piece->cord($role)->cord,
                false,
                place: $i + 1,
            );
        }
        $this->bench->write('mount', [new Act(
            ActKind::Pin,
            Part::Mount,
            new Message('begin-layers', ['count' => $this->count()]),
            grip: new Grip(role: 'cord'),
            spot: new Spot(marks: [Landmark::of('mark')], makes: [Landmark::of('strands-level')]),
            advice: new Advice(tools: [Tool::Board, Tool::Clip]),
        )], ['cords', 'tips']);
    }

    protected function lanes(int $half): array
    {
        $lanes = [];
        foreach ($this->strands as $i => $cord) {
            if (0 === $half || self::FIRST + $i === $half) {
                $lanes[$cord->role][] = $cord->b;
            }
        }

        return $lanes;
    }

    protected function body(): void
    {
        foreach ($this->draft->settings() as $i => $setting) {
            $this->bench->write('body', $this->strand($i, $setting), ['cords', 'mount', 'join']);
        }
        $this->bench->write('compared', [new Act(
            ActKind::Compare,
            Part::Trial,
            new Message('compare-layers', [
                'count' => $this->count(),
                'lower' => $this->lower(),
            ]),
            spot: new Spot(marks: [Landmark::of('strand-end')], sizes: ['distance' => $this->lower()]),
            advice: new Advice(tools: [Tool::Tape]),
        )], ['body']);
    }

    protected function outlets(): array
    {
        [$starts, $ends] = [self::ends($this->strands, true, false), self::ends($this->strands, false)];
        $join = new Outlet(
            true,
            Landmark::of('strands-level'),
            Length::zero(),
            ends: new OutletEnds(carrying: $starts),
        );
        $end = new Outlet(
            false,
            Landmark::of('strand-end'),
            Length::zero(),
            ends: new OutletEnds(carrying: $ends),
        );
        $isFirst = $this->draft->fastened->closing->crimps(true);
        if (!$isFirst) {
            $this->bench->write('join', [$this->together($join, 'layers-begun')], ['mount']);
        }
        if (!$this->draft->fastened->closing->crimps(false)) {
            $this->bench->write('strands', [$this->together($end, 'layers-ended')], ['body', 'trial', 'compared']);
            foreach (['end start', 'end finish', 'closed', 'trimmed'] as $stretch) {
                $this->bench->need($stretch, 'strands');
            }
        }

        return [new Outlet(
            true,
            $join->edge,
            $join->bare,
            ends: new OutletEnds($join->ends->carrying),
            isFirst: $isFirst,
        ), $end];
    }

    /**
     * Each strand is tied with its own end.
     */
    protected function ties(WorkRun $run): array
    {
        return $this->carry($run);
    }

    protected function moves(Element $element): array
    {
        return Way::moves($element);
    }

    /**
     * @return list<Act>
     */
    private function strand(int $number, Setting $setting): array
    {
        $half = Half::whole($setting, self::FIRST + $number);
        $this->origin = $this->last = Landmark::of('strands-level');
        $this->skipped = Length::zero();
        $this->until = $half->length();
        $cord = $this->strands[$number];
        $isOne = 1 === \count(array_keys($this->roles(), $cord->role, true));
        $named = $isOne ? $cord->role : $cord->role.' '.$cord->handling->place;
        $acts = [new Act(
            ActKind::Pin,
            Part::Body,
            new Message('layer-next', ['role' => $named]),
            grip: new Grip(role: $cord->role, half: $half->number),
            spot: new Spot(marks: [$this->origin]),
            advice: new Advice(tools: [Tool::Board, Tool::Clip]),
        )];
        foreach ($half->runs($this->joins(...)) as $run) {
            array_push(
                $acts,
                ...(ElementKind::Bare === $run->element->kind ? [$this->leave($run)] : $this->run($run)),
            );
        }
        $end = Landmark::of('strand-end');

        return [...$acts, new Act(
            ActKind::Mark,
            Part::Body,
            new Message('strand-done', [
                'role' => $named,
                'due' => $half->length(),
                'from' => $this->origin,
            ]),
            grip: new Grip(role: $cord->role, half: $half->number),
            spot: new Spot(marks: [$this->origin], makes: [$end], sizes: ['body' => $half->length()]),
            advice: new Advice(tools: [Tool::Tape]),
        )];
    }

    /**
     * Returns how far the lowest strand hangs below the first.
     */
    private function lower(): Length
    {
        $layers = $this->draft->layers;

        return [] === $layers ? Length::zero() : $layers[\count($layers) - 1]->hangs;
    }

    /**
     * @return non-empty-list<string> of each strand, the first above
     */
    protected function roles(): array
    {
        $roles = ['cord'];
        foreach ($this->draft->layers as $layer) {
            $roles[] = $layer->layer->role;
        }

        return $roles;
    }
}
