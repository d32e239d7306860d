<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Closure\Kind\Butted;
use Rinkel\Core\Construction\RopeKnot;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\EndCare;
use Rinkel\Core\Work\EndUse;
use Rinkel\Core\Work\Grip;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\OutletEnds;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;
use Rinkel\Core\Work\Stint;
use Rinkel\Core\Work\Task;
use Rinkel\Core\Work\Tool;
use Rinkel\Core\Work\WorkCord;

/**
 * Loops of rope through each other, each of ropes side by side; the legs of one run to the left, of the other to the
 * right. The ends are trimmed to the wrist and closed; thread covers the join, or the legs before they are glued in.
 *
 * @internal
 */
final class RopeWay extends Way
{
    /** @var array<int, array<string, list<WorkCord>>> of the first loop and of the second, by role */
    private array $loops = [1 => [], 2 => []];

    /** @var list<WorkCord> */
    private array $threads = [];

    protected function begin(): void
    {
        $all = [];
        foreach (RopeKnot::loops($this->draft->piece) as $loop => $roles) {
            foreach ($roles as $role) {
                $this->loops[$loop + 1][$role][] = $all[] = $this->bench->cord(
                    $role,
                    Task::Rope,
                    $this->draft->piece->cord($role)->cord,
                    true,
                    isUnmarked: true,
                );
            }
        }
        $this->bench->write('mount', [new Act(
            ActKind::Under,
            Part::Mount,
            new Message(isset($this->loops[2][RopeKnot::SECOND]) ? 'lay-loops' : 'lay-ropes', [
                'count' => intdiv(\count($all), 2),
                'role' => RopeKnot::SECOND,
            ]),
            grip: new Grip(role: 'rope', by: self::ends($all)),
            advice: new Advice(tools: [Tool::Board, Tool::Pins], lesson: 'interlace'),
        )], ['cords']);
    }

    protected function lanes(int $half): array
    {
        $lanes = [];
        foreach ($this->loops as $loop => $ropes) {
            foreach (0 === $half || $loop === $half ? $ropes : [] as $role => $cords) {
                $lanes[$role] = [...$lanes[$role] ?? [], ...self::ends($cords)];
            }
        }

        return $lanes;
    }

    protected function halves(): array
    {
        $setting = $this->draft->setting;
        foreach ($setting->elements as $i => $element) {
            if (Manner::Woven === $element->knot?->manner()) {
                return Half::around($setting, $i, 1);
            }
        }

        return Half::around($setting, intdiv(\count($setting->elements), 2), 0);
    }

    protected function body(): void
    {
        $setting = $this->draft->setting;
        foreach ($setting->elements as $i => $element) {
            if (Manner::Woven === $element->knot?->manner()) {
                $this->bench->write('body', [$this->knot($element, $setting->starts()[$i] ?? 0.0)], ['cords', 'mount']);
                break;
            }
        }
        foreach ($this->halves() as $half) {
            $this->origin = $this->last = Landmark::of('knot', null, $half->grows() ? 'start' : 'finish');
            $runs = $half->runs($this->joins(...));
            $covered = array_values(array_filter($runs, self::isBound(...)));
            foreach ($runs as $run) {
                if (self::isBound($run)) {
                    $this->bench->write('binding', [$this->bound($run)], ['trimmed']);
                } elseif (ElementKind::Bare === $run->element->kind) {
                    $this->bench->write('body', [$this->leg($run, $covered)]);
                    $covered = [];
                } else {
                    $this->bench->write('body', $this->run($run));
                }
            }
        }
        $this->sew();
    }

    protected function outlets(): array
    {
        $tape = static fn (string $side): Landmark => Landmark::of('tape', null, $side);

        return [
            new Outlet(
                true,
                $tape('start'),
                Length::zero(),
                ends: new OutletEnds(carrying: array_merge(...array_values($this->lanes(1)))),
            ),
            new Outlet(
                false,
                $tape('finish'),
                Length::zero(),
                ends: new OutletEnds(carrying: array_merge(...array_values($this->lanes(2)))),
            ),
        ];
    }

    private function knot(Element $element, float $at): Act
    {
        $takes = [];
        foreach ($element->takes as $lane => $take) {
            foreach ($this->lanes(0)[$lane] ?? [] as $end) {
                // Each rope runs once through the knot, half of that with either end.
                $takes[] = EndUse::knots(
                    $end,
                    $take->knots->millimetres / 2,
                    $this->bench->made(
                        $element->knot ?? throw new \LogicException('It is no knot.'),
                        $end->cord->material,
                    ),
                );
            }
        }

        return new Act(
            ActKind::Weave,
            Part::Body,
            new Message('weave'),
            stint: new Stint(
                moves: $this->moves($element),
                count: 1,
                knot: $element->word(),
                takes: $takes,
                adds: $element->extent->length,
                what: $element->word(),
            ),
            grip: new Grip(role: 'rope', by: array_merge(...array_values($this->lanes(0)))),
            spot: new Spot(
                from: Length::zero(),
                due: $element->extent->length,
                at: $at,
                along: $element->extent->length->millimetres,
                makes: [Landmark::of('knot', null, 'start'), Landmark::of('knot', null, 'finish')],
            ),
            advice: new Advice(looks: [new Message('look-ropes')], lesson: 'interlace'),
        );
    }

    private static function isBound(WorkRun $run): bool
    {
        return Manner::Bound === $run->element->knot?->manner();
    }

    /**
     * Returns the legs of one side, to where they are cut: what thread covers later is a part of them.
     *
     * @param list<WorkRun> $covered
     */
    private function leg(WorkRun $run, array $covered): Act
    {
        $from = $this->last;
        $this->last = Landmark::of('tape', null, $run->grows() ? 'start' : 'finish');
        $length = Length::sum($run->length(), ...array_map(static fn (WorkRun $one): Length => $one->length(), $covered));

        return new Act(
            ActKind::Leave,
            Part::Body,
            new Message('leg', ['bare' => $length, 'from' => $from, 'side' => $run->grows() ? 'start' : 'finish']),
            stint: new Stint(
                takes: [...$this->taken($run), ...array_merge(...array_map($this->taken(...), $covered))],
                adds: $run->length(),
                what: ElementKind::Bare->value,
                grows: $run->grows(),
            ),
            spot: $run->spot(marks: [$from], makes: [$this->last], sizes: ['distance' => $length]),
            advice: new Advice(tools: [Tool::Tape]),
        );
    }

    private function bound(WorkRun $run): Act
    {
        $isButted = $this->draft->fastened->kind instanceof Butted;
        $thread = $this->thread($isButted);
        $knot = $run->element->knot ?? throw new \LogicException('What binds is no knot.');
        $use = ($run->element->takes['thread'] ?? null)?->knots->millimetres ?? 0.0;
        $tape = Landmark::of('tape', null, $run->grows() ? 'start' : 'finish');

        return new Act(
            ActKind::Bind,
            Part::Binding,
            new Message($isButted ? 'bind-join' : 'bind-legs', [
                'count' => $run->count(),
                'side' => $run->grows() ? 'start' : 'finish',
                'width' => $run->length(),
            ]),
            stint: new Stint(
                moves: $this->moves($run->element),
                count: $run->count(),
                knot: $knot->word(),
                takes: [
                    EndUse::knots($thread, $use * $run->count(), $this->bench->made($knot, $thread->cord->material)),
                ],
                adds: $run->length(),
                what: $run->element->word(),
                grows: $run->grows(),
            ),
            grip: new Grip(role: 'thread', by: [$thread]),
            spot: $run->spot(
                marks: [$tape],
                makes: [Landmark::of('binding', null, $run->grows() ? 'start' : 'finish')],
                sizes: ['size' => $run->length()],
            ),
            advice: new Advice(looks: $this->first('look-tape-shows'), lesson: 'whip'),
        );
    }

    /**
     * Returns the end that binds: each side's own where both are bound apart.
     */
    private function thread(bool $isButted): End
    {
        if ([] === $this->threads || !$isButted) {
            $this->threads[] = $this->bench->cord(
                'thread',
                Task::Thread,
                $this->draft->piece->cord('thread')->cord,
                false,
                true,
                isUnmarked: true,
            );
        }

        return $this->threads[\count($this->threads) - 1]->b;
    }

    /**
     * Writes how each thread's end is drawn under its turns.
     */
    private function sew(): void
    {
        foreach ($this->threads as $i => $thread) {
            $thread->b->keep($this->bench->habits->hold(false)->millimetres);
            $side = 0 === $i && \count($this->threads) > 1 ? 'start' : 'finish';
            $from = Landmark::of('binding', null, $side);
            $this->bench->write('binding', [new Act(
                ActKind::Sew,
                Part::Binding,
                new Message('sew-thread', ['side' => \count($this->threads) > 1 ? $side : 'all']),
                grip: new Grip(role: 'thread', by: [$thread->b]),
                spot: new Spot(marks: [$from]),
                advice: new Advice(tools: [Tool::Needle], lesson: 'whip'),
            ), new Act(
                ActKind::Trim,
                Part::Binding,
                new Message('trim-at', ['count' => 1, 'role' => 'thread', 'from' => $from]),
                grip: new Grip(role: 'thread'),
                care: new EndCare(ends: [$thread->b]),
                spot: new Spot(marks: [$from], sizes: ['leaves' => Length::zero()]),
                advice: new Advice(tools: [Tool::Scissors]),
            )]);
        }
    }
}
