<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Message;
use Rinkel\Core\Pattern\Node\Gap;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
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
 * One cord that carries knots and beads in itself: from its beginning mark to its other end; or, where all its beads
 * lie together, from these outwards, as they are strung first and levelled.
 *
 * @internal
 */
class CordWay extends Way
{
    /** @var list<WorkCord> */
    private array $cords = [];

    /** @var array{int, int}|false|null once asked for */
    private array|false|null $strung = null;

    /** How a gap is left, once asked for. */
    private ?string $left = null;

    protected function begin(): void
    {
        foreach ($this->roles() as $role) {
            $this->cords[] = $this->bench->cord(
                $role,
                $this->task(),
                $this->draft->piece->cord($role)->cord,
                false,
                isFree: $this->isFree(),
            );
        }
        $this->bench->write('mount', $this->mounted(), ['cords', 'tips']);
    }

    protected function isPinned(): bool
    {
        return null === $this->strung();
    }

    protected function lanes(int $half): array
    {
        return [$this->role() => self::ends($this->cords, 1 === $half, 1 !== $half)];
    }

    protected function halves(): array
    {
        $strung = $this->strung();

        return null === $strung ? parent::halves() : Half::around($this->draft->setting, ...$strung);
    }

    protected function body(): void
    {
        $strung = $this->strung();
        if (null === $strung) {
            parent::body();
            if ($this->draft->fastened->kind->slides() && 1 === $this->count()) {
                $this->bench->write('body', [$this->turned()]);
            }

            return;
        }
        [$from, $count] = $strung;
        $middle = Half::around($this->draft->setting, $from, 0)[1]->parted($count)[0];
        $this->last = $this->origin = Landmark::of('mark');
        $acts = [];
        foreach ($middle->runs($this->joins(...)) as $run) {
            array_push($acts, ...$this->run(new WorkRun($run->elements, $run->from, $run->at, 1, 0)));
        }
        $this->bench->write('body', $acts);
        $this->bench->write('body', [$this->levelled()]);
        [$left, $right] = Half::around($this->draft->setting, $from, $count);
        $this->bench->write('body', [...$this->half($right), $this->untied()]);
        $acts = $this->half($left);
        $this->bench->write('body', [...([] === $acts ? [] : [$this->turned()]), ...$acts], ['cords', 'mount', 'join']);
    }

    protected function workingEnd(WorkRun $run): ?string
    {
        return match (true) {
            $this->count() > 1 => null,
            1 === $run->half => 'left',
            2 === $run->half => 'right',
            default => 'long',
        };
    }

    protected function leave(WorkRun $run, string $key = 'leave'): Act
    {
        $this->left ??= $this->hasGauge() ? 'leave-gauge' : 'leave';
        $act = parent::leave($run, 'leave' === $key ? $this->left : $key);
        $isSpaced = 1 === $this->count() && null === $this->strung();

        return $isSpaced ? $act->looked([...$act->advice->looks, ...$this->first('look-spaces')]) : $act;
    }

    private function hasGauge(): bool
    {
        foreach ($this->draft->piece->pattern->tree->nodes() as $node) {
            if ($node instanceof Gap && null !== $node->gauges) {
                return true;
            }
        }

        return false;
    }

    protected function start(Half $half): void
    {
        parent::start($half);
        if (0 !== $half->number) {
            $this->origin = $this->last = Landmark::of('beads', null, $half->number);
        }
    }

    protected function outlets(): array
    {
        [$startEdge, $startBare] = $this->edges->brink(true);
        [$finishEdge, $finishBare] = $this->edges->brink(false);

        return [
            new Outlet(
                true,
                $startEdge,
                $startBare,
                ends: new OutletEnds(carrying: self::ends($this->cords, true, false)),
                next: $this->outermost($this->draft->setting->elements),
            ),
            new Outlet(
                false,
                $finishEdge,
                $finishBare,
                ends: new OutletEnds(carrying: self::ends($this->cords, false)),
                next: $this->outermost(array_reverse($this->draft->setting->elements)),
            ),
        ];
    }

    /**
     * Returns the first bead of some elements.
     *
     * @param array<Element> $elements
     */
    private function outermost(array $elements): ?string
    {
        foreach ($elements as $element) {
            if (isset($this->draft->piece->beads[$element->name])) {
                return $element->name;
            }
        }

        return null;
    }

    protected function role(): string
    {
        return 'cord';
    }

    protected function task(): Task
    {
        return Task::Cord;
    }

    final protected function count(): int
    {
        return \count($this->roles());
    }

    /**
     * Returns the role of each cord, in their order.
     *
     * @return non-empty-list<string>
     */
    protected function roles(): array
    {
        return [$this->role()];
    }

    /**
     * Returns whether what is left of its ends does not matter.
     */
    protected function isFree(): bool
    {
        return false;
    }

    /**
     * @return list<WorkCord>
     */
    final protected function cords(): array
    {
        return $this->cords;
    }

    /**
     * @return list<Act>
     */
    protected function mounted(): array
    {
        return null === $this->strung() ? [new Act(
            ActKind::Pin,
            Part::Mount,
            new Message('pin-cord', ['role' => $this->role()]),
            grip: new Grip(role: $this->role()),
            spot: new Spot(marks: [Landmark::of('mark')]),
            advice: new Advice(tools: [Tool::Board, Tool::Tape]),
        )] : [new Act(
            ActKind::Tie,
            Part::Mount,
            new Message('hold-beads'),
            stint: new Stint(
                takes: array_map(static fn (WorkCord $cord): EndUse => EndUse::straight($cord->a, 0.0), $this->cords),
            ),
            grip: new Grip(role: $this->role(), by: self::ends($this->cords, true, false)),
            spot: new Spot(makes: [Landmark::of('holding-knot')]),
            advice: new Advice(looks: [new Message('look-order')], lesson: 'overhand'),
        )];
    }

    /**
     * Returns where the beads begin that lie all together between knots or bare cord, and how many elements they are;
     * null where they do not.
     *
     * @return array{int, int}|null
     */
    private function strung(): ?array
    {
        return ($this->strung ??= $this->foundStrung() ?? false) ?: null;
    }

    /**
     * @return array{int, int}|null
     */
    private function foundStrung(): ?array
    {
        $elements = $this->draft->setting->elements;
        $isBead = static fn (Element $element): bool => $element->isBead()
            || \in_array($element->kind, [ElementKind::Focal, ElementKind::Charm], true);
        $beads = array_keys(array_filter($elements, $isBead));
        if (!$this->strings() || [] === $beads) {
            return null;
        }
        [$first, $last] = [min($beads), max($beads)];
        $count = $last - $first + 1;

        return \count($beads) === $count ? [$first, $count] : null;
    }

    /**
     * Returns whether beads that lie together are strung before anything is knotted.
     */
    protected function strings(): bool
    {
        return true;
    }

    private function levelled(): Act
    {
        return new Act(
            ActKind::Level,
            Part::Body,
            new Message('level'),
            grip: new Grip(role: $this->role()),
            spot: new Spot(
                marks: [Landmark::of('mark')],
                makes: [Landmark::of('beads', null, 1), Landmark::of('beads', null, 2)],
            ),
            advice: new Advice(tools: [Tool::Tape]),
        );
    }

    /**
     * Returns the work turned round, so that the other end comes from the side that ties.
     */
    private function turned(): Act
    {
        return new Act(
            ActKind::Turn,
            Part::Body,
            new Message('turn-round'),
            grip: new Grip(role: $this->role()),
            spot: new Spot(marks: [Landmark::of('last-knot')]),
        );
    }

    private function untied(): Act
    {
        return new Act(
            ActKind::Unpin,
            Part::Body,
            new Message('untie'),
            grip: new Grip(role: $this->role()),
            spot: new Spot(marks: [Landmark::of('holding-knot')]),
        );
    }
}
