<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Construction\CoreHanging;
use Rinkel\Core\Knot\Kind\LarksHead;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Knot\Manner;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Line\OnEnd;
use Rinkel\Core\Material\CordRun;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Pattern\Node\Lane;
use Rinkel\Core\Pattern\Node\Mirror;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\EndUse;
use Rinkel\Core\Work\Finish;
use Rinkel\Core\Work\Grip;
use Rinkel\Core\Work\Halving;
use Rinkel\Core\Work\Joining;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\LooseEnds;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\OutletEnds;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;
use Rinkel\Core\Work\Stint;
use Rinkel\Core\Work\Stringing;
use Rinkel\Core\Work\StrungBead;
use Rinkel\Core\Work\Task;
use Rinkel\Core\Work\Tool;
use Rinkel\Core\Work\WorkCord;

/**
 * A band of knots around cores: from one end to the other, from the middle outwards, or each half from what it hangs
 * on.
 *
 * Outwards from its middle a pair is two cords, each with its middle there: one end of each works either way.
 *
 * @internal
 */
class BandWay extends Way
{
    /** @var list<WorkCord> */
    private array $cores = [];

    /** @var array<string, list<WorkCord>> by role */
    private array $pairs = [];

    protected function begin(): void
    {
        $piece = $this->draft->piece;
        $core = $piece->cord('core');
        $isHung = $this->draft->isHalved();
        $folds = $isHung || $this->isFolded();
        $count = $isHung ? 2 * intdiv($core->count + 1, 2) : ($folds ? intdiv($core->count + 1, 2) : $core->count);
        for ($i = 0; $i < $count; ++$i) {
            $this->cores[] = $this->bench->cord('core', Task::Core, $core->cord, $folds, isLater: false);
        }
        foreach ($this->pairNames() as $role) {
            $use = $piece->cord($role);
            $isApart = CordRun::Apart === $use->run && !$isHung;
            $isTwo = $isHung || $isApart || $this->isOutwards();
            for ($i = 0; $i < ($isTwo ? 2 : 1); ++$i) {
                $this->pairs[$role][] = $this->bench->cord(
                    $role,
                    $this->draft->fastened->closing->takesAll() ? Task::Running : Task::Working,
                    $use->cord,
                    $isHung || !$isTwo,
                    isLater: $isHung && 1 === $i,
                );
            }
        }
        $this->bench->write('mount', $this->mounted($isHung), ['cords']);
        if (!$isHung) {
            $this->bench->write('join', $this->joined(), ['mount', 'end start']);
        }
    }

    protected function lanes(int $half): array
    {
        $isHung = $this->draft->isHalved();
        $cores = match (true) {
            !$isHung => $this->cores,
            1 === $half => \array_slice($this->cores, 0, intdiv(\count($this->cores), 2)),
            default => \array_slice($this->cores, intdiv(\count($this->cores), 2)),
        };
        $both = $isHung || $this->isFolded();
        $lanes = ['core' => self::ends($cores, $both || 1 === $half, $both || 1 !== $half)];
        foreach ($this->pairs as $role => $cords) {
            $ends = match (true) {
                $isHung => self::ends([$cords[1 === $half ? 0 : 1] ?? $cords[0]]),
                \count($cords) > 1 => self::ends($cords, 1 === $half, 1 !== $half),
                default => self::ends($cords),
            };
            $lanes[$role] = $ends;
            $lanes[OnEnd::of($role, false)] = \array_slice($ends, 0, 1);
            $lanes[OnEnd::of($role, true)] = \array_slice($ends, 1, 1);
        }

        return $lanes;
    }

    protected function halves(): array
    {
        $setting = $this->draft->setting;
        if (!$this->draft->isHalved() && !$this->isOutwards()) {
            return parent::halves();
        }
        $middle = $this->middle();

        return null === $middle
            ? Half::around($setting, intdiv(\count($setting->elements), 2), 0)
            : Half::around($setting, $middle, 1);
    }

    protected function body(): void
    {
        $middle = $this->middle();
        $isHung = $this->draft->isHalved();
        if (!$isHung && !$this->isOutwards()) {
            $this->whole();

            return;
        }
        if (!$isHung && null !== $middle) {
            $this->origin = $this->last = Landmark::of('mark');
            $this->bench->write('body', [$this->string($this->at($middle))]);
        }
        foreach ($this->halves() as $half) {
            if ($isHung) {
                $this->bench->write('body', $this->hung($half->number));
            }
            $this->bench->write('body', $this->half($half));
            if ([] !== $half->elements) {
                $this->bench->write('body', [$this->compared($half)]);
            }
            if (1 === $half->number && $this->endsInTurn()) {
                $this->bench->write('body', $this->firstEnds());
            }
        }
        $this->bench->write('body', [], ['cords', 'mount', 'join']);
    }

    /**
     * Writes the body from one end to the other; a knot of all cords that closes it comes after the trial, face down.
     */
    protected function whole(): void
    {
        $acts = $this->half($this->halves()[0]);
        $this->bench->write('body', [], ['cords', 'mount', 'join']);
        $knot = [] === $acts ? null : $acts[\count($acts) - 1];
        if (null === $knot || !$this->isClosedByKnot()) {
            $this->bench->write('body', $acts);

            return;
        }
        $this->bench->write('body', \array_slice($acts, 0, -1));
        $this->bench->write('closing knot', [
            new Act(
                ActKind::Turn,
                Part::Body,
                new Message('turn-down'),
                spot: new Spot(marks: $knot->spot->marks),
            ),
            $knot,
        ], ['body', 'trial']);
        $this->comesFirst('closing knot');
    }

    /**
     * Says that a stretch comes before all that closes the piece.
     */
    final protected function comesFirst(string $name): void
    {
        $later = ['working ends', 'end finish', 'slider', 'stops', 'slid', 'closed', 'trimmed', 'last ends'];
        $isLater = !$this->draft->fastened->closing->begins($this->isFolded());
        foreach ([...$later, ...($isLater ? ['end start'] : [])] as $stretch) {
            $this->bench->need($stretch, $name);
        }
    }

    /**
     * @return list<string> working pairs that are finished before what closes the piece
     */
    protected function ended(): array
    {
        return [];
    }

    /**
     * Returns whether the body ends with a knot of all its cords.
     */
    final protected function isClosedByKnot(): bool
    {
        $elements = $this->draft->setting->elements;

        return \count($elements) > 1 && Manner::Own === $elements[\count($elements) - 1]->knot?->manner()
            && !$this->draft->isHalved() && !$this->isOutwards();
    }

    protected function toCome(): Length
    {
        $elements = $this->draft->setting->elements;

        return $this->isClosedByKnot() ? $elements[\count($elements) - 1]->extent->length : parent::toCome();
    }

    /**
     * Returns whether the working ends of one half are made safe before the other half is begun.
     */
    private function endsInTurn(): bool
    {
        return Halving::InTurn === $this->draft->piece->habits->order->halves && $this->draft->isHalved()
            && !$this->inTurn()
            && !$this->draft->fastened->closing->takesAll();
    }

    /**
     * @return list<Act>
     */
    private function firstEnds(): array
    {
        $tied = [];
        foreach (array_keys($this->pairs) as $role) {
            array_push($tied, ...$this->lanesOf(1)[$role]);
        }
        foreach ($tied as $end) {
            $end->keep($this->bench->habits->hold(false)->millimetres);
        }

        $edge = $this->edges->brink(true)[0];

        return [] === $tied ? [] : (new Finish($this->bench->habits))->of([new LooseEnds($tied, $edge)]);
    }

    /**
     * What goes on the cores alone is strung before the knots, where its maker does so.
     */
    protected function half(Half $half): array
    {
        return [...$this->strung($half), ...parent::half($half)];
    }

    protected function isStrung(Element $bead): bool
    {
        return Stringing::Together === $this->draft->piece->habits->order->stringing
            && ElementKind::Focal !== $bead->kind
            && isset($this->draft->piece->beads[$bead->name])
            && (Lane::Core === $bead->seat->lane || Lane::Strand === $bead->seat->lane && null !== $bead->seat->strand);
    }

    protected function beadKey(Element $bead): string
    {
        return Lane::Core === $bead->seat->lane && isset($this->draft->piece->beads[$bead->name])
            ? 'bead-freed'
            : parent::beadKey($bead);
    }

    /**
     * Returns on which of several cores a bead goes, from 1; 0 on all of them.
     *
     * @param int $i its place beside others, from 0
     */
    protected function strandOf(Element $element, Element $bead, int $i): int
    {
        return $bead->seat->strand ?? 0;
    }

    /**
     * @return list<Act>
     */
    private function strung(Half $half): array
    {
        $all = [];
        foreach ($half->elements as $element) {
            foreach ([] === $element->beside ? [$element] : $element->beside as $i => $bead) {
                if ($this->isStrung($bead)) {
                    $all[$this->strandOf($element, $bead, $i)][] = (string) $bead->name;
                }
            }
        }
        ksort($all);
        $cores = $this->lanesOf($half->number)['core'] ?? [];
        $acts = [];
        foreach ($all as $strand => $names) {
            $ends = 0 === $strand ? $cores : \array_slice($cores, $strand - 1, 1);
            $acts[] = new Act(
                ActKind::String,
                Part::Body,
                new Message('string-all', [
                    'count' => \count($names),
                    'strand' => $strand,
                    'cores' => \count($cores),
                    'beads' => BeadRow::said($names),
                ]),
                stint: new Stint(
                    things: $names,
                    takes: array_map(static fn (End $end): EndUse => EndUse::straight($end, 0.0), $ends),
                ),
                grip: new Grip(role: 'core', through: $ends, half: $half->number),
                advice: new Advice(looks: [new Message('look-strung')], tools: [Tool::Pins]),
            );
        }

        return $acts;
    }

    protected function start(Half $half): void
    {
        parent::start($half);
        $middle = $this->middle();
        $name = null === $middle ? null : $this->draft->setting->elements[$middle]->name;
        $this->origin = $this->last = match (true) {
            0 === $half->number => Landmark::of('mark'),
            $this->draft->isHalved() => Landmark::of('edge-of', $name, $half->number),
            null !== $name => Landmark::of('edge-of', $name, 'finish'),
            default => Landmark::of('mark'),
        };
    }

    protected function outlets(): array
    {
        $closing = $this->draft->fastened->closing;
        $isFolded = $this->isFolded() && !$this->draft->isHalved();
        [$startEdge, $startBare] = $this->edges->brink(true);
        [$finishEdge, $finishBare] = $this->edges->brink(false);
        $isWhole = !$this->draft->isHalved() && !$this->isOutwards();
        [$left, $right] = [$this->lanes(1), $this->lanes($isWhole ? 0 : 2)];
        $carrying = [$left['core'], $right['core']];
        $tied = $this->tied($isWhole, $left, $right);
        $working = $tied[$isWhole ? 1 : 0];
        $others = $tied[1];
        $ties = $this->joinsAll() || !$closing->joins($isFolded);
        $tied[0] = $this->endsInTurn() ? [] : $tied[0];
        $tied[1] = array_values(array_filter(
            $tied[1],
            fn (End $end): bool => !\in_array($end->cord->role, $this->ended(), true),
        ));
        if ($closing->takesAll()) {
            $carrying = [[...$carrying[0], ...($isFolded ? [] : $tied[0])], [...$carrying[1], ...$tied[1]]];
            $tied = [$isFolded ? $tied[0] : [], []];
        }

        return [
            new Outlet(
                true,
                $startEdge,
                $startBare,
                new OutletEnds($carrying[0], $tied[0], $ties ? $working : [], inTurn: $this->inTurn()),
                isFolded: $isFolded,
                isFirst: $isWhole && $closing->begins($isFolded),
            ),
            new Outlet(
                false,
                $finishEdge,
                $finishBare,
                new OutletEnds($carrying[1], $tied[1], $others, inTurn: $this->inTurn()),
            ),
        ];
    }

    /**
     * Returns the ends that tied, those of the side where the piece begins first.
     *
     * @param array<string, list<End>> $left
     * @param array<string, list<End>> $right
     *
     * @return array{list<End>, list<End>}
     */
    private function tied(bool $isWhole, array $left, array $right): array
    {
        $tied = [[], []];
        foreach ($this->pairs as $role => $cords) {
            $tied[1] = [...$tied[1], ...$right[$role]];
            if (!$isWhole || \count($cords) > 1) {
                $tied[0] = [...$tied[0], ...($isWhole ? self::ends($cords, true, false) : $left[$role])];
            }
        }

        return $tied;
    }

    /**
     * Beyond the last knot nothing but cores runs on, unless all cords are tails.
     */
    protected function taken(WorkRun $run, ?int $half = null): array
    {
        $takes = parent::taken($run, $half);
        $isOuter = ElementKind::Bare === $run->element->kind && (null !== $half || $run->due()->equals($this->until));

        return !$isOuter || $this->draft->fastened->closing->takesAll() ? $takes : array_values(array_filter(
            $takes,
            static fn (EndUse $spent): bool => Task::Core === $spent->end->cord->task,
        ));
    }

    /**
     * Returns the names of its working pairs, as they take turns.
     *
     * @return list<string>
     */
    protected function pairNames(): array
    {
        return array_values(array_filter(
            array_map(strval(...), array_keys($this->draft->piece->cords)),
            static fn (string $role): bool => !\in_array($role, ['core', 'slider'], true),
        ));
    }

    /**
     * Returns whether working ends are finished pair by pair.
     */
    protected function inTurn(): bool
    {
        return false;
    }

    protected function carry(WorkRun $run, ?Lane $lane = null): array
    {
        $lanes = $this->lanesOf($run->half);
        $element = $run->element;
        $pair = (string) array_key_first($this->pairs);
        $beside = match ($lane ?? $element->seat->lane) {
            Lane::Left => $lanes[OnEnd::of($pair, false)] ?? null,
            Lane::Right => $lanes[OnEnd::of($pair, true)] ?? null,
            default => null,
        };

        return match (true) {
            null !== $beside => $beside,
            Lane::Strand === $element->seat->lane && null !== $element->seat->strand => \array_slice(
                $lanes['core'],
                $element->seat->strand - 1,
                1,
            ),
            default => $lanes['core'],
        };
    }

    protected function around(WorkRun $run): array
    {
        return Manner::Own === $run->element->knot?->manner() ? [] : $this->lanesOf($run->half)['core'];
    }

    protected function ties(WorkRun $run): array
    {
        $ends = parent::ties($run);

        return Manner::Own === $run->element->knot?->manner()
            ? $ends
            : array_values(array_filter($ends, static fn (End $end): bool => Task::Core !== $end->cord->task));
    }

    /**
     * Returns whether working cords come in with what is made where the piece begins: in a loop of all cords, unless
     * they are laid under below it; in a loop that they tie.
     */
    private function joinsAll(): bool
    {
        $closing = $this->draft->fastened->closing;

        return $closing->joins(false) || $closing->joins($this->isFolded()) && !CoreHanging::laysUnder($this->draft->piece);
    }

    final protected function isFolded(): bool
    {
        return CoreHanging::folds($this->draft->piece) || $this->alwaysFolds();
    }

    /**
     * Returns whether its core is folded where it begins, whatever its maker says.
     */
    protected function alwaysFolds(): bool
    {
        return false;
    }

    final protected function isOutwards(): bool
    {
        foreach ($this->draft->piece->pattern->tree->parts as $part) {
            if ($part instanceof Mirror && $part->outwards) {
                return true;
            }
        }

        return false;
    }

    /**
     * @return array<string, list<WorkCord>> by role
     */
    final protected function pairs(): array
    {
        return $this->pairs;
    }

    /**
     * @return list<WorkCord>
     */
    final protected function cores(): array
    {
        return $this->cores;
    }

    /**
     * Returns how its cores are put on the board; of folded ones only how they are folded, as what is made at the fold
     * comes next.
     *
     * @return list<Act>
     */
    protected function mounted(bool $isHung): array
    {
        return $isHung || !$this->isFolded() ? [] : [new Act(
            ActKind::Fold,
            Part::Mount,
            new Message($this->joinsAll() ? 'fold-all' : 'fold-core', [
                'count' => \count($this->cores),
                'role' => 'core',
                'working' => $this->pairNames()[0] ?? 'working',
            ]),
            grip: new Grip(role: 'core', by: self::ends($this->cores)),
            spot: new Spot(makes: [Landmark::of('fold')]),
            advice: new Advice(tools: [Tool::Clip]),
        )];
    }

    /**
     * Returns how the cores are drawn straight, and the working cords laid under them.
     *
     * @return list<Act>
     */
    protected function joined(): array
    {
        $acts = [new Act(
            ActKind::Pin,
            Part::Mount,
            new Message(match (true) {
                $this->isFolded() => 'pin-folded',
                $this->isOutwards() => 'pin-middle',
                default => 'pin-core',
            }, ['count' => \count($this->cores)]),
            grip: new Grip(role: 'core'),
            spot: new Spot(
                marks: $this->isFolded() ? [] : [Landmark::of('mark')],
                makes: $this->isFolded() ? [Landmark::of('mark')] : [],
            ),
            advice: new Advice(tools: [Tool::Board, Tool::Pins]),
        )];
        if ($this->joinsAll()) {
            return $acts;
        }
        foreach ($this->pairs as $role => $cords) {
            array_push($acts, ...$this->under((string) $role, $cords));
        }

        return $acts;
    }

    /**
     * @param list<WorkCord> $cords
     *
     * @return list<Act>
     */
    protected function under(string $role, array $cords): array
    {
        $isApart = \count($cords) > 1 && !$this->isOutwards();
        $beginsWithAll = Manner::Own === ($this->draft->setting->elements[0]->knot ?? null)?->manner();
        $by = $isApart ? self::ends($cords, false) : self::ends($cords);
        $acts = [new Act(
            ActKind::Under,
            Part::Mount,
            new Message(match (true) {
                $isApart => 'under-apart',
                $this->isOutwards() => 'under-two',
                default => 'under',
            }, ['role' => $role]),
            grip: new Grip(role: $role, by: $by, around: $this->lanes(0)['core']),
            spot: new Spot(marks: [Landmark::of('mark')]),
            advice: new Advice(lesson: 'square'),
        )];
        $isBound = Joining::Bound === $this->draft->piece->habits->tying->joining && !$this->isOutwards();
        if (($isApart || $isBound) && !$beginsWithAll) {
            $acts[] = $this->bound($role, $by, Landmark::of('mark'), 0, $isApart);
        }

        return $acts;
    }

    /**
     * Returns working cords bound to the cores by an overhand that is not counted.
     *
     * @param list<End> $by
     */
    private function bound(string $role, array $by, Landmark $at, int $half, bool $isApart = false): Act
    {
        return new Act(
            ActKind::Tie,
            0 === $half ? Part::Mount : Part::Body,
            new Message($isApart ? 'anchor' : 'anchor-one', ['role' => $role]),
            stint: new Stint(
                moves: [Move::knot((new Overhand())->word())],
                knot: (new Overhand())->word(),
                takes: [] === $by ? [] : $this->bench->knots(new Overhand(), $this->bench->overhand($by), $by),
            ),
            grip: new Grip(role: $role, by: $by, around: $this->lanesOf($half)['core'], half: $half),
            spot: new Spot(marks: [$at]),
            advice: new Advice(lesson: 'together'),
        );
    }

    /**
     * Returns the place of what its halves hang on, or of the bead in the middle of what is made outwards.
     */
    private function middle(): ?int
    {
        $middle = array_search(ElementKind::Focal, array_column($this->draft->setting->elements, 'kind'), true);

        return false === $middle || !$this->draft->isHalved() && !$this->isOutwards() ? null : $middle;
    }

    /**
     * Returns one element as a run of its own.
     */
    private function at(int $i): WorkRun
    {
        return new WorkRun(
            [$this->draft->setting->elements[$i]],
            Length::zero(),
            $this->draft->setting->starts()[$i] ?? 0.0,
            1,
            0,
        );
    }

    /**
     * Returns how one half's cords are hung on the finding in the middle: each core by a lark's head, the working cord
     * laid under them below it. The second half's working cord is cut only now, when the first is measured.
     *
     * @return list<Act>
     */
    private function hung(int $half): array
    {
        $middle = $this->middle();
        if (null === $middle) {
            return [];
        }
        $run = $this->at($middle);
        $finding = $run->element;
        $lanes = $this->lanes($half);
        $acts = [$this->hang($run, $lanes['core'], $half), new Act(
            ActKind::Pin,
            Part::Body,
            new Message('pin-hung', ['finding' => (string) $finding->name, 'count' => \count($lanes['core'])]),
            grip: new Grip(role: 'core', half: $half),
            spot: new Spot(marks: [Landmark::of('edge-of', $finding->name, $half)]),
            advice: new Advice(tools: [Tool::Board, Tool::Pins]),
        )];
        foreach ($this->pairs as $role => $cords) {
            $acts[] = new Act(
                ActKind::Under,
                Part::Body,
                new Message('under-hung', ['role' => (string) $role, 'finding' => (string) $finding->name]),
                grip: new Grip(
                    role: (string) $role,
                    by: $lanes[$role] ?? [],
                    around: $lanes['core'],
                    half: $half,
                ),
                spot: new Spot(marks: [Landmark::of('edge-of', $finding->name, $half)]),
                advice: new Advice(lesson: 'square'),
            );
            if (Joining::Bound === $this->draft->piece->habits->tying->joining) {
                $edge = Landmark::of('edge-of', $finding->name, $half);
                $acts[] = $this->bound((string) $role, $lanes[$role] ?? [], $edge, $half);
            }
        }

        return $acts;
    }

    /**
     * Returns how cores are hung on the finding in the middle.
     *
     * @param list<End> $cores
     */
    private function hang(WorkRun $run, array $cores, int $half): Act
    {
        $finding = $run->element;
        $use = ($finding->takes['core'] ?? null)?->knots->millimetres ?? 0.0;

        return new Act(
            ActKind::Hang,
            Part::Body,
            new Message(1 === $half ? 'hang-core' : 'hang-other', [
                'count' => intdiv(\count($cores), 2),
                'finding' => (string) $finding->name,
                'role' => 'core',
            ]),
            stint: new Stint(
                moves: 1 === $half ? [Move::bead(new StrungBead((string) $finding->name))] : [],
                things: 1 === $half ? [(string) $finding->name] : [],
                takes: array_map(fn (End $end): EndUse => EndUse::knots(
                    $end,
                    $use / 2,
                    $this->bench->made(new LarksHead(), $end->cord->material),
                ), $cores),
                adds: 1 === $half ? $finding->extent->length : null,
                what: $finding->word(),
            ),
            grip: new Grip(role: 'core', by: $cores, half: $half),
            spot: new Spot(makes: [Landmark::of('edge-of', $finding->name, $half)]),
            advice: new Advice(lesson: 'lark'),
        );
    }
}
