<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Construction\NettedPouch;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\EndUse;
use Rinkel\Core\Work\Grip;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\OutletEnds;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;
use Rinkel\Core\Work\Stint;
use Rinkel\Core\Work\StrungBead;
use Rinkel\Core\Work\Task;
use Rinkel\Core\Work\Tool;
use Rinkel\Core\Work\WorkCord;

/**
 * A net around a stone, from the linked loops at its bottom up; above it the cords of each side gathered, a bead that
 * locks it over both, and the two braids. One end of each cord runs to the left, the other to the right.
 *
 * @internal
 */
final class NetWay extends Way
{
    /** From this row on it can be tested with what it is to hold (common practice). */
    private const TESTED = 3;

    /** @var list<WorkCord> */
    private array $cords = [];

    protected function begin(): void
    {
        $use = $this->draft->piece->cord('mesh');
        for ($i = 0; $i < $use->count; ++$i) {
            $this->cords[] = $this->bench->cord('mesh', Task::Mesh, $use->cord, true);
        }
        $this->bench->write('mount', [new Act(
            ActKind::Link,
            Part::Mount,
            new Message('link-loops', ['count' => $use->count, 'ends' => 2 * $use->count]),
            grip: new Grip(role: 'mesh', by: self::ends($this->cords)),
            spot: new Spot(makes: [Landmark::of('crossing')]),
            advice: new Advice(
                looks: $use->cord->fibre->isWaxed() ? [] : [new Message('look-wax')],
                tools: [Tool::Board, Tool::Pins],
                lesson: 'linked',
            ),
        )], ['cords', 'tips']);
    }

    protected function isPinned(): bool
    {
        return false;
    }

    protected function lanes(int $half): array
    {
        return ['mesh' => self::ends($this->cords, 2 !== $half, 1 !== $half)];
    }

    protected function halves(): array
    {
        $setting = $this->draft->setting;
        $middle = array_keys(array_filter(
            array_column($setting->elements, 'kind'),
            static fn (ElementKind $kind): bool => ElementKind::Net === $kind || ElementKind::Focal === $kind,
        ));
        if ([] === $middle) {
            return Half::around($setting, intdiv(\count($setting->elements), 2), 0);
        }

        return Half::around($setting, min($middle), max($middle) - min($middle) + 1);
    }

    protected function body(): void
    {
        [$left, $right] = $this->halves();
        $all = $this->draft->setting->count(ElementKind::Net);
        $this->last = Landmark::of('crossing');
        $lock = $this->lock();
        $rows = $this->rows();
        $net = $this->last;
        $this->bench->write('body', [...$rows, $this->divided()], ['cords', 'mount']);
        [$leftKnots, $leftRest] = $left->parted(self::gathering($left));
        [$rightKnots, $rightRest] = $right->parted(self::gathering($right));
        // Both sides are gathered before the bead locks them; what the right adds comes after it on the line.
        $gathered = [
            ...$this->gather($leftKnots, $net, false),
            ...$this->gather($rightKnots, $net, null !== $lock),
        ];
        $this->bench->write('body', $gathered);
        if (null !== $lock) {
            $this->bench->write('body', $this->locked($lock, $rightKnots));
        }
        $this->leg($left, $leftKnots, $leftRest, $net);
        $this->leg($right, $rightKnots, $rightRest, $net);
    }

    /**
     * Returns the bead that locks the net, if there is one.
     */
    private function lock(): ?Element
    {
        $locks = array_filter(
            $this->draft->setting->elements,
            static fn (Element $element): bool => ElementKind::Focal === $element->kind,
        );

        return [] === $locks ? null : end($locks);
    }

    /**
     * Returns the rounds of the net, tried on its stone as it grows.
     *
     * @return list<Act>
     */
    private function rows(): array
    {
        $all = $this->draft->setting->count(ElementKind::Net);
        [$rows, $number, $last] = [[], 0, null];
        foreach ($this->draft->setting->elements as $element) {
            if (ElementKind::Net !== $element->kind) {
                continue;
            }
            $last = $element;
            $rows[] = $this->row($element, ++$number);
            if ($number >= self::TESTED && $number < $all) {
                $rows[] = $this->tried($element, $all - $number);
            }
        }

        return [...$rows, $this->tried($last, 0)];
    }

    /**
     * Works what comes after the knots that gather one side.
     */
    private function leg(Half $half, Half $knots, Half $rest, Landmark $net): void
    {
        $side = $half->grows() ? 'start' : 'finish';
        $this->last = $this->origin = 0 === \count($knots->elements) ? $net : Landmark::of('gathered', null, $side);
        foreach ($rest->runs($this->joins(...)) as $run) {
            $moved = new WorkRun(
                $run->elements,
                $knots->length()->plus($run->from),
                $run->at,
                $half->grows() ? -1 : 1,
                $half->number,
            );
            $this->bench->write(
                'body',
                ElementKind::Bare === $run->element->kind ? [$this->leave($moved)] : $this->run($moved),
            );
        }
        $this->bench->write('body', [$this->ended($half)]);
    }

    protected function woven(WorkRun $run): array
    {
        $from = $this->last;
        $this->last = Landmark::of('braid-end', null, $run->grows() ? 'start' : 'finish');

        return [new Act(
            ActKind::Braid,
            Part::Body,
            new Message('braid', [
                'due' => $run->length(),
                'side' => $run->grows() ? 'start' : 'finish',
                'count' => \count($this->cords),
                'strands' => self::strands(\count($this->cords)),
                'from' => $from,
            ]),
            stint: new Stint(
                takes: $this->taken($run),
                adds: $run->length(),
                what: $run->element->word(),
                grows: $run->grows(),
            ),
            grip: new Grip(role: 'mesh', by: $this->lanesOf($run->half)['mesh'], half: $run->half),
            spot: $run->spot(marks: [$from], makes: [$this->last], sizes: ['distance' => $run->length()]),
            advice: new Advice(lesson: 'braid'),
        )];
    }

    /**
     * Each end runs on one side only: it takes all that the line says of half of them there.
     */
    protected function taken(WorkRun $run, ?int $half = null): array
    {
        return array_map(
            static fn (EndUse $spent): EndUse => $spent->times(2.0),
            parent::taken($run, $half),
        );
    }

    protected function outlets(): array
    {
        $outlets = [];
        foreach ([true, false] as $isStart) {
            $edge = Landmark::of('braid-knot', null, $isStart ? 'start' : 'finish');
            $outlets[] = new Outlet(
                $isStart,
                $edge,
                Length::zero(),
                ends: new OutletEnds(carrying: $this->lanes($isStart ? 1 : 2)['mesh']),
            );
        }

        return [$outlets[0], $outlets[1]];
    }

    /**
     * Returns how many elements at its beginning gather the cords of a half: bare cord and the knot in them.
     */
    private static function gathering(Half $half): int
    {
        foreach ($half->elements as $i => $element) {
            if (null !== $element->knot) {
                return $i + 1;
            }
            if (ElementKind::Bare !== $element->kind) {
                break;
            }
        }

        return 0;
    }

    /**
     * Returns one round of knots: neighbours are tied together, in each row other ones than in the row before.
     */
    private function row(Element $net, int $number): Act
    {
        $knots = \count($this->cords);
        $from = $this->last;
        $this->last = Landmark::of('net-row', null, $number);
        $knot = $this->bench->book->in(new Overhand(), $this->cords[0]->material, 2);
        $take = $net->takes['mesh'] ?? null;
        $every = $take?->straight->plus($knot->pitch) ?? Length::zero();

        return new Act(
            ActKind::Net,
            Part::Body,
            new Message('net-row', [
                'row' => $number,
                'count' => $knots,
                'every' => $every,
                'from' => $from,
                'pairs' => 1 === $number ? 'first' : (1 === $number % 2 ? 'own' : ($knots > 2 ? 'next' : 'two')),
            ]),
            stint: new Stint(
                moves: [Move::knot((new Overhand())->word())],
                count: $knots,
                knot: (new Overhand())->word(),
                takes: null === $take ? [] : array_map(fn (End $end): EndUse => EndUse::knots(
                    $end,
                    $take->knots->millimetres,
                    $this->bench->made(new Overhand(), $end->cord->material),
                    $take->straight->millimetres,
                ), self::ends($this->cords)),
                adds: $net->extent->length,
                what: $net->word(),
            ),
            grip: new Grip(role: 'mesh', by: self::ends($this->cords)),
            spot: new Spot(marks: [$from], makes: [$this->last], sizes: ['distance' => $every]),
            advice: new Advice(looks: [new Message('look-net')], tools: [Tool::Pins], lesson: 'net'),
        );
    }

    /**
     * Returns the test with what it is to hold: rows can be added or dropped, each for so much of every end.
     */
    private function tried(?Element $row, int $coming): Act
    {
        $hasStone = [] !== NettedPouch::stones($this->draft->piece);
        $takes = ($row->takes['mesh'] ?? null)?->total() ?? Length::zero();

        return new Act(
            ActKind::Try,
            Part::Body,
            new Message($hasStone ? 'try-stone' : 'try-net', ['coming' => $coming, 'row' => $takes]),
            spot: new Spot(marks: [$this->last], sizes: $takes->isZero() ? [] : ['row' => $takes]),
            advice: new Advice(looks: $hasStone ? [new Message('look-stone')] : []),
        );
    }

    /**
     * Returns the ends parted: one of each cord to either side.
     */
    private function divided(): Act
    {
        $count = \count($this->cords);

        return new Act(
            ActKind::Divide,
            Part::Body,
            new Message('divide-net', ['all' => 2 * $count, 'count' => $count]),
            grip: new Grip(role: 'mesh', by: self::ends($this->cords)),
            spot: new Spot(marks: [$this->last]),
        );
    }

    /**
     * Returns how many cords each strand of a braid has: "1 + 1 + 2".
     */
    private static function strands(int $cords): string
    {
        return implode(' + ', [intdiv($cords, 3), intdiv($cords + 1, 3), intdiv($cords + 2, 3)]);
    }

    /**
     * @param bool $isLater whether what it adds is counted when the lock bead is on
     *
     * @return list<Act>
     */
    private function gather(Half $half, Landmark $net, bool $isLater): array
    {
        $acts = [];
        $side = $half->grows() ? 'start' : 'finish';
        $this->last = $net;
        $distance = Length::zero();
        foreach ($half->runs($this->joins(...)) as $run) {
            if (ElementKind::Bare === $run->element->kind) {
                $distance = $run->length();
                if (!$isLater) {
                    $acts[] = $this->leave($run, 'leave-net');
                }
                continue;
            }
            $acts[] = $this->gathered($half, $run, $net, $isLater, $distance);
        }

        return $acts;
    }

    /**
     * @param Length $distance from the net
     */
    private function gathered(Half $half, WorkRun $run, Landmark $net, bool $isLater, Length $distance): Act
    {
        $ends = $this->lanes($half->number)['mesh'];
        $side = $half->grows() ? 'start' : 'finish';
        $this->last = Landmark::of('gathered', null, $side);

        return new Act(
            ActKind::Gather,
            Part::Body,
            new Message(
                'gather',
                ['count' => \count($ends), 'side' => $side, 'distance' => $distance, 'from' => $net],
            ),
            stint: new Stint(
                moves: [Move::knot((new Overhand())->word())],
                count: $run->count(),
                knot: $run->element->word(),
                takes: $isLater ? $this->takenOf($half) : $this->taken($run),
                adds: $isLater ? null : $run->length(),
                what: $run->element->word(),
                grows: $run->grows(),
            ),
            grip: new Grip(role: 'mesh', by: $ends, half: $half->number),
            spot: $run->spot(marks: [$net], makes: [$this->last], sizes: ['distance' => $distance]),
            advice: new Advice(
                looks: [new Message('look-strands'), new Message('look-place')],
                lesson: 'together',
            ),
        );
    }

    /**
     * @return list<EndUse>
     */
    private function takenOf(Half $half): array
    {
        return array_merge(...array_map($this->taken(...), $half->runs($this->joins(...))));
    }

    /**
     * Returns the lock bead on all ends, and down over the knots that gather them: what the right side adds is seen to
     * then.
     *
     * @return list<Act>
     */
    private function locked(Element $lock, Half $right): array
    {
        $bead = Landmark::of('lock', $lock->name);
        $acts = [$this->lockedBy($lock, $bead)];
        foreach ($right->runs($this->joins(...)) as $run) {
            $isBare = ElementKind::Bare === $run->element->kind;
            $acts[] = new Act(
                $isBare ? ActKind::Level : ActKind::Compare,
                Part::Body,
                new Message($isBare ? 'lock-down' : 'lock-over', ['bead' => (string) $lock->name]),
                stint: new Stint(adds: $run->length(), what: $run->element->word()),
                grip: new Grip(role: 'mesh', half: 2),
                spot: new Spot(marks: [$bead]),
            );
        }

        return $acts;
    }

    private function lockedBy(Element $lock, Landmark $bead): Act
    {
        $ends = self::ends($this->cords);

        return new Act(
            ActKind::String,
            Part::Body,
            new Message('lock', ['bead' => (string) $lock->name, 'count' => \count($ends)]),
            stint: new Stint(
                moves: [Move::bead(StrungBead::by($lock))],
                count: 1,
                things: [(string) $lock->name],
                takes: array_map(static fn (End $end): EndUse => EndUse::straight(
                    $end,
                    ($lock->takes['mesh'] ?? null)?->straight->millimetres ?? 0.0,
                ), $ends),
                adds: $lock->extent->length,
                what: $lock->word(),
            ),
            grip: new Grip(role: 'mesh', through: $ends),
            spot: new Spot(
                from: Length::zero(),
                due: Length::zero(),
                at: $this->draft->body()->millimetres / 2,
                marks: [$this->last],
                makes: [$bead],
            ),
            advice: new Advice(tools: [Tool::Needle]),
        );
    }

    /**
     * A knot of all its cords keeps a braid.
     */
    private function ended(Half $half): Act
    {
        $ends = $this->lanes($half->number)['mesh'];
        $side = $half->grows() ? 'start' : 'finish';

        return new Act(
            ActKind::Tie,
            Part::Body,
            new Message('braid-knot', ['side' => $side, 'from' => $this->last]),
            stint: new Stint(
                moves: [Move::knot((new Overhand())->word())],
                count: 1,
                knot: (new Overhand())->word(),
                takes: [] === $ends ? [] : $this->bench->knots(new Overhand(), $this->bench->overhand($ends), $ends),
            ),
            grip: new Grip(role: 'mesh', by: $ends, half: $half->number),
            spot: new Spot(marks: [$this->last], makes: [Landmark::of('braid-knot', null, $side)]),
            advice: new Advice(lesson: 'together'),
        );
    }
}
