<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Closure\Kind\DoubleBarrel;
use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Ending;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\Cure;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\EndCare;
use Rinkel\Core\Work\EndUse;
use Rinkel\Core\Work\Finish;
use Rinkel\Core\Work\Grip;
use Rinkel\Core\Work\How;
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
 * Many strands laid side by side, bound and fused at one end, bent as they are worn, bound in that curve at the other,
 * and trimmed there; the end cords that bind them run on as twisted tails.
 *
 * @internal
 */
final class BundleWay extends Way
{
    /** Strands are left this long beyond the binding and trimmed in the curve, in mm (common practice: long). */
    private const TRIM = 15.0;

    /** In a twist of six cords' rise each tail is a helix, so many times as long (the rise: judgement). */
    private const TWIST = 0.129;

    /** @var array<string, list<WorkCord>> by role */
    private array $strands = [];

    /** @var list<WorkCord> */
    private array $endCords = [];

    protected function begin(): void
    {
        $cords = $this->draft->piece->cords;
        foreach (array_diff_key($cords, ['end' => 0, 'slider' => 0]) as $role => $use) {
            for ($i = 0; $i < $use->count; ++$i) {
                $strand = $this->bench->cord((string) $role, Task::Strand, $use->cord, false, isUnmarked: true);
                $strand->a->keep(self::TRIM);
                $strand->b->keep(self::TRIM);
                $this->strands[$role][] = $strand;
            }
        }
        $end = $cords['end'] ?? new CordUse($this->draft->construction->ends($this->draft->piece)->cord);
        $this->endCords = [
            $this->bench->cord('end', Task::EndCord, $end->cord, true),
            $this->bench->cord('end', Task::EndCord, $end->cord, true),
        ];
        $all = self::ends(array_merge(...array_values($this->strands)), true, false);
        $this->bench->write('mount', [new Act(
            ActKind::Under,
            Part::Mount,
            new Message('lay-strands', ['count' => \count($all)]),
            grip: new Grip(by: $all),
            care: new EndCare(
                endsAs: array_fill_keys(array_map(static fn (End $one): string => $one->id, $all), 'level'),
            ),
            spot: new Spot(makes: [Landmark::of('level-tips')]),
            advice: new Advice(tools: [Tool::Board, Tool::Clip]),
        )], ['cords']);
    }

    protected function isPinned(): bool
    {
        return false;
    }

    protected function lanes(int $half): array
    {
        $lanes = [];
        foreach ($this->strands as $role => $cords) {
            $lanes[$role] = self::ends($cords, false);
        }

        return $lanes;
    }

    protected function body(): void
    {
        $elements = $this->draft->setting->elements;
        $runs = Half::whole($this->draft->setting)->runs($this->joins(...));
        $middle = \count($elements) / 2;
        $gone = 0;
        $acts = [];
        $isBound = [false, false];
        foreach ($runs as $run) {
            $isLast = $gone + $run->count() / 2 > $middle;
            $gone += $run->count();
            if (ElementKind::Bare === $run->element->kind) {
                $acts[] = $this->curve($run);
                continue;
            }
            if (null === $run->element->knot) {
                array_push($acts, ...$this->run($run));
                continue;
            }
            if ($isLast && !$isBound[1] && !\in_array(ElementKind::Bare, array_column($elements, 'kind'), true)) {
                $acts[] = $this->bent();
            }
            $acts[] = $this->bind($run, $isLast);
            $side = $isLast ? 1 : 0;
            if (!$isBound[$side]) {
                array_push($acts, ...$this->fuse($isLast));
                $isBound[$side] = true;
            }
        }
        $this->bench->write('body', $acts, ['cords', 'mount']);
    }

    protected function outlets(): array
    {
        $outlets = [];
        foreach ([true, false] as $isStart) {
            $ends = $this->endCords[$isStart ? 0 : 1]->ends();
            [$edge, $bare] = $this->edges->brink($isStart);
            $outlets[] = new Outlet($isStart, $edge, $bare, ends: new OutletEnds(carrying: $ends));
            $tail = $this->draft->fastened->span->tail;
            if (null !== $tail && !$tail->isZero()) {
                $this->bench->write('body', [new Act(
                    ActKind::Twist,
                    Part::Body,
                    new Message('twist', ['side' => $isStart ? 'start' : 'finish']),
                    stint: new Stint(
                        takes: array_map(
                            static fn (End $end): EndUse => EndUse::straight($end, self::TWIST * $tail->millimetres),
                            $ends,
                        ),
                    ),
                    grip: new Grip(role: 'end', by: $ends),
                    spot: new Spot(marks: [$edge]),
                    advice: new Advice(lesson: 'twist'),
                )]);
            }
        }

        return [$outlets[0], $outlets[1]];
    }

    /**
     * Returns the bundle bound at one end by the end cord folded there, both its ends by turns.
     */
    private function bind(WorkRun $run, bool $isLast): Act
    {
        $end = $this->endCords[$isLast ? 1 : 0];
        $element = $run->element;
        $knot = $element->knot ?? throw new \LogicException('What binds is no knot.');
        $inside = array_merge(...array_values($this->lanes(0)));
        $from = $isLast ? $this->last : Landmark::of('level-tips');
        $this->last = Landmark::of($isLast ? 'second-binding' : 'first-binding');

        return new Act(
            ActKind::Bind,
            Part::Body,
            new Message(Manner::Bound === $knot->manner() ? 'bind' : 'bind-knots', [
                'count' => $run->count(),
                'side' => $isLast ? 'finish' : 'start',
                'from' => $from,
            ]),
            stint: new Stint(
                moves: $this->moves($element),
                count: $run->count(),
                knot: $knot->word(),
                takes: [...$this->taken($run), ...$this->bound($run, $knot, $end->ends())],
                adds: $run->length(),
                what: $element->word(),
            ),
            grip: new Grip(role: 'end', by: $end->ends(), around: $inside),
            care: new EndCare(
                endsAs: $isLast && $this->isAtOnce()
                    ? array_fill_keys(array_map(static fn (End $one): string => $one->id, $inside), 'bound')
                    : [],
            ),
            spot: $run->spot(marks: [$from], makes: [$this->last]),
            advice: new Advice(lesson: 'whip'),
        );
    }

    /**
     * Returns what binding takes of each of the ends that do it by turns.
     *
     * @param list<End> $ends
     *
     * @return list<EndUse>
     */
    private function bound(WorkRun $run, Knot $knot, array $ends): array
    {
        $use = ($run->element->takes['end'] ?? null)?->knots->millimetres ?? 0.0;

        return array_map(fn (End $one): EndUse => EndUse::knots(
            $one,
            $use * $run->count() / 2,
            $this->bench->made($knot, $one->cord->material),
        ), $ends);
    }

    /**
     * Returns how the strands are bent: their free ends become uneven, as outer ones have further to go.
     */
    private function curve(WorkRun $run): Act
    {
        $from = $this->last;
        $this->last = Landmark::of('curve-mark');

        return new Act(
            ActKind::Bend,
            Part::Bend,
            new Message(
                'curve',
                ['due' => $run->length(), 'from' => $from, 'place' => $this->draft->piece->wearer->place->value],
            ),
            stint: new Stint(takes: $this->taken($run), adds: $run->length(), what: ElementKind::Bare->value),
            spot: $run->spot(marks: [$from], makes: [$this->last], sizes: ['distance' => $run->length()]),
            advice: new Advice(
                looks: [
                    new Message('look-curve'),
                    new Message('look-size', ['trim' => Length::ofMillimetres(self::TRIM)]),
                ],
                tools: [Tool::Tape],
            ),
        );
    }

    /**
     * Returns whether strands are trimmed and fused in one act: before sliding barrels nothing else is trimmed.
     */
    private function isAtOnce(): bool
    {
        return $this->draft->fastened->kind instanceof DoubleBarrel;
    }

    private function bent(): Act
    {
        return new Act(
            ActKind::Bend,
            Part::Bend,
            new Message('bend', ['place' => $this->draft->piece->wearer->place->value]),
            spot: new Spot(marks: [$this->last]),
            advice: new Advice(looks: [new Message('look-curve')]),
        );
    }

    /**
     * Returns how the tips at one end are made one: where all are level at once, in the curve once they are trimmed.
     *
     * @return list<Act>
     */
    private function fuse(bool $isLast): array
    {
        $acts = [];
        $stub = Length::ofMillimetres(Finish::STUB);
        $all = self::ends(array_merge(...array_values($this->strands)), !$isLast, $isLast);
        if ($isLast && !$this->isAtOnce()) {
            $acts[] = new Act(
                ActKind::Trim,
                Part::Body,
                new Message('trim-curve', ['from' => $this->last, 'leaves' => $stub]),
                care: new EndCare(ends: $all),
                spot: new Spot(marks: [$this->last], sizes: ['leaves' => $stub]),
                advice: new Advice(tools: [Tool::Scissors]),
            );
        }
        // What melts comes first: no flame comes near fresh glue.
        foreach ([Ending::Singe, Ending::Glue] as $ending) {
            $ends = array_values(array_filter(
                $all,
                fn (End $end): bool => $ending === $this->bench->habits->ending($end->cord->material->fibre),
            ));
            if ([] === $ends) {
                continue;
            }
            $acts[] = $this->secured($ends, Ending::Singe === $ending, $isLast);
        }

        return [] !== array_filter(
            $acts,
            static fn (Act $act): bool => null !== $act->care->how && How::Singe !== $act->care->how,
        )
            ? [...$acts, Finish::wait(Cure::Cord, Part::Body)]
            : $acts;
    }

    /**
     * @param list<End> $ends
     */
    private function secured(array $ends, bool $isSinged, bool $isLast): Act
    {
        $stub = Length::ofMillimetres(Finish::STUB);
        $sealing = $this->bench->habits->ends->sealing;

        return new Act(
            ActKind::Secure,
            Part::Body,
            new Message(match (true) {
                $isLast && $this->isAtOnce() => $isSinged
                    ? 'trim-fuse'
                    : $sealing->or('trim-glue-strands', 'trim-varnish-strands'),
                $isSinged => 'fuse',
                default => $sealing->or('glue-strands', 'varnish-strands'),
            }, [
                'count' => \count($ends),
                'side' => $isLast ? 'finish' : 'start',
                'from' => $this->last,
                'leaves' => $stub,
            ]),
            care: new EndCare(ends: $ends, how: $isSinged ? How::Singe : $sealing->how()),
            spot: new Spot(marks: [$this->last], sizes: ['leaves' => $stub]),
            advice: new Advice(
                looks: [new Message($isSinged ? 'look-flame' : 'look-glue')],
                tools: $isSinged ? [Tool::Lighter, Tool::Clip] : [$sealing->tool()],
                lesson: $isSinged ? 'singe' : 'glue',
            ),
        );
    }
}
