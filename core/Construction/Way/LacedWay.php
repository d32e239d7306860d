<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

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
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\OutletEnds;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;
use Rinkel\Core\Work\Stint;
use Rinkel\Core\Work\Task;
use Rinkel\Core\Work\Tool;
use Rinkel\Core\Work\WorkCord;

/**
 * Laces through a chain, from its middle link to either end; a second one through the openings that the first leaves.
 *
 * @internal
 */
final class LacedWay extends Way
{
    /** @var list<WorkCord> */
    private array $laces = [];

    protected function begin(): void
    {
        $cords = array_diff_key($this->draft->piece->cords, ['slider' => 0]);
        foreach ([
            'lace' => $cords['lace'] ?? $this->draft->construction->ends($this->draft->piece),
        ] + $cords as $role => $use) {
            for ($i = 0; $i < $use->count; ++$i) {
                $this->laces[] = $this->bench->cord((string) $role, Task::Lace, $use->cord, true);
            }
        }
        $this->bench->write('mount', [...$this->chain(), ...$this->centred()], ['cords', 'tips']);
    }

    /**
     * Returns the chain brought to its length: what is over taken off, or what is missing joined.
     *
     * @return list<Act>
     */
    private function chain(): array
    {
        $links = $this->links();
        if ([] === $links) {
            return [];
        }
        $name = $links[array_key_first($links)]->name;
        $stock = ($this->draft->piece->findings[$name] ?? null)?->stock;
        $missing = null === $stock ? 0 : max(0, \count($links) - $stock);
        $length = Length::sum(
            ...array_map(static fn (Element $link): Length => $link->extent->length, array_values($links)),
        );

        return [new Act(
            ActKind::Open,
            Part::Mount,
            new Message($missing > 0 ? 'chain-longer' : 'chain-length', [
                'links' => \count($links),
                'length' => $length,
                'missing' => $missing,
            ]),
            spot: new Spot(sizes: ['chain' => $length]),
            advice: new Advice(looks: [new Message('look-links')], lesson: 'ring'),
        )];
    }

    /**
     * Returns how the work begins at one place: the middle of the lace in the middle of the chain. An even number of
     * links has none in the middle: the lace lies between two.
     *
     * @return list<Act>
     */
    private function centred(): array
    {
        $links = $this->links();
        $middle = $this->middle();
        $said = ['links' => \count($links), 'middle' => intdiv(\count($links), 2) + ($this->isOdd() ? 1 : 0)];
        $link = null === $middle ? null : $this->draft->setting->elements[$middle];
        $zero = null === $link ? null : Length::zero();

        return [new Act(
            ActKind::Mark,
            Part::Mount,
            new Message($this->isOdd() ? 'middle-link' : 'middle-gap', $said),
            spot: new Spot(makes: [$this->place()]),
            advice: new Advice(tools: [Tool::Clip]),
        ), new Act(
            ActKind::Pass,
            null === $link ? Part::Mount : Part::Body,
            new Message(null === $link ? 'begin-lacing-gap' : 'begin-lacing', [
                'count' => \count($this->laces),
                'link' => (string) $link?->name,
                'middle' => $said['middle'],
            ]),
            stint: new Stint(
                things: null === $link ? [] : [(string) $link->name],
                takes: null === $middle ? [] : $this->throughMiddle($middle),
                adds: $link?->extent->length,
                what: $link?->word(),
            ),
            grip: new Grip(role: 'lace', through: self::ends($this->laces)),
            spot: new Spot(
                $zero,
                $zero,
                null === $middle ? null : $this->draft->setting->starts()[$middle] ?? 0.0,
                $link?->extent->length->millimetres ?? 0.0,
                [$this->place()],
            ),
            advice: new Advice(looks: [new Message('look-lacing')], lesson: 'lacing'),
        )];
    }

    /**
     * Returns what the link in the middle takes of both ends of each lace.
     *
     * @return list<EndUse>
     */
    private function throughMiddle(int $middle): array
    {
        $link = $this->draft->setting->elements[$middle];
        $run = new WorkRun([$link], Length::zero(), $this->draft->setting->starts()[$middle] ?? 0.0, 1, 0);

        return array_map(
            static fn (EndUse $spent): EndUse => $spent->times(0.5),
            [...$this->taken($run, 1), ...$this->taken($run, 2)],
        );
    }

    private function place(): Landmark
    {
        return Landmark::of($this->isOdd() ? 'middle-link' : 'middle');
    }

    /**
     * @return array<int, Element> links by their place
     */
    private function links(): array
    {
        return array_filter(
            $this->draft->setting->elements,
            static fn (Element $element): bool => ElementKind::Link === $element->kind,
        );
    }

    private function isOdd(): bool
    {
        return 1 === \count($this->links()) % 2;
    }

    /**
     * Returns the place of the link in the middle, where there is one.
     */
    private function middle(): ?int
    {
        return $this->isOdd() ? array_keys($this->links())[intdiv(\count($this->links()), 2)] : null;
    }

    protected function growsBothWays(): bool
    {
        return true;
    }

    protected function isPinned(): bool
    {
        return false;
    }

    protected function lanes(int $half): array
    {
        $lanes = [];
        foreach ($this->laces as $lace) {
            $lanes[$lace->role] = [...$lanes[$lace->role] ?? [], ...self::ends([$lace], 1 === $half, 1 !== $half)];
        }

        return $lanes;
    }

    protected function halves(): array
    {
        $middle = $this->middle();
        $places = array_keys($this->links());

        return null === $middle
            ? Half::around($this->draft->setting, $places[intdiv(\count($places), 2)] ?? 0, 0)
            : Half::around($this->draft->setting, $middle, 1);
    }

    protected function start(Half $half): void
    {
        parent::start($half);
        $this->origin = $this->last = $this->place();
    }

    protected function joins(Element $last, Element $next): bool
    {
        return parent::joins($last, $next) || ElementKind::Link === $last->kind && ElementKind::Link === $next->kind
            && $last->name === $next->name;
    }

    /**
     * The first lace takes the links; each further one follows through the same of them.
     */
    protected function woven(WorkRun $run): array
    {
        $from = $this->last;
        $this->last = Landmark::of($run->grows() ? 'first-link' : 'last-link');

        return array_map(
            fn (array $ends, int $i): Act => $this->laced($run, $from, $ends, 0 === $i),
            array_values($this->lanesOf($run->half)),
            array_keys(array_values($this->lanesOf($run->half))),
        );
    }

    /**
     * @param list<End> $ends of one lace
     */
    private function laced(WorkRun $run, Landmark $from, array $ends, bool $isFirst): Act
    {
        $role = isset($ends[0]) ? $ends[0]->cord->role : 'lace';

        return new Act(
            ActKind::Lace,
            Part::Body,
            new Message($isFirst ? 'lace-links' : 'lace-again', [
                'count' => $run->count(),
                'link' => (string) $run->element->name,
                'role' => $role,
                'side' => $run->grows() ? 'start' : 'finish',
                'from' => $from,
            ]),
            stint: new Stint(
                count: $isFirst ? $run->count() : 1,
                things: $isFirst ? array_fill(0, $run->count(), (string) $run->element->name) : [],
                takes: array_values(array_filter(
                    $this->taken($run),
                    static fn (EndUse $spent): bool => \in_array($spent->end, $ends, true),
                )),
                adds: $isFirst ? $run->length() : null,
                what: $run->element->word(),
                grows: $run->grows(),
            ),
            grip: new Grip(role: $role, by: $ends, half: $run->half),
            spot: new Spot($run->from, $run->due(), $run->at, $isFirst ? $run->along() : 0.0, [$from], [$this->last]),
            advice: new Advice(looks: [new Message('look-lacing')], lesson: 'lacing'),
        );
    }

    protected function outlets(): array
    {
        return [
            new Outlet(
                true,
                Landmark::of('first-link'),
                $this->edges->brink(true)[1],
                ends: new OutletEnds(carrying: self::ends($this->laces, true, false)),
                isLink: true,
            ),
            new Outlet(
                false,
                Landmark::of('last-link'),
                $this->edges->brink(false)[1],
                ends: new OutletEnds(carrying: self::ends($this->laces, false)),
                isLink: true,
            ),
        ];
    }
}
