<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Said;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Cord;
use Rinkel\Core\Work\Does;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spent;
use Rinkel\Core\Work\Task;
use Rinkel\Core\Work\Tool;

/**
 * Laces through a chain, from its middle link to either end; a second one through the openings that the first leaves.
 */
final class LacedWay extends Way
{
    /** @var list<Cord> */
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
        $links = $this->draft->setting->count(ElementKind::Link);
        $this->bench->write('mount', [new Act(
            Does::Mark,
            Part::Mount,
            new Said('middle-link', ['links' => $links, 'middle' => intdiv($links, 2) + 1]),
            makes: [Landmark::of('middle-link')],
            tools: [Tool::Clip],
        ), new Act(
            Does::Pass,
            Part::Mount,
            new Said('begin-lacing', ['count' => \count($this->laces)]),
            role: 'lace',
            through: self::ends($this->laces),
            marks: [Landmark::of('middle-link')],
            looks: [new Said('look-lacing')],
            lesson: 'lacing',
        )], ['cords', 'tips']);
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
        $setting = $this->draft->setting;
        $links = array_keys(array_column($setting->elements, 'kind'), ElementKind::Link, true);

        return Half::around($setting, $links[intdiv(\count($links), 2)] ?? 0, 0);
    }

    protected function start(Half $half): void
    {
        parent::start($half);
        $this->origin = $this->last = Landmark::of('middle-link');
    }

    protected function joins(Element $last, Element $next): bool
    {
        return parent::joins($last, $next) || ElementKind::Link === $last->kind && ElementKind::Link === $next->kind
            && $last->name === $next->name;
    }

    /**
     * The first lace takes the links; each further one follows through the same of them.
     */
    protected function woven(Run $run): array
    {
        $takes = $this->taken($run);
        $from = $this->last;
        $this->last = Landmark::of($run->grows() ? 'first-link' : 'last-link');
        $acts = [];
        foreach (array_values($this->lanesOf($run->half)) as $i => $ends) {
            $role = isset($ends[0]) ? $ends[0]->cord->role : 'lace';
            $acts[] = new Act(
                Does::Lace,
                Part::Body,
                new Said(0 === $i ? 'lace-links' : 'lace-again', [
                    'count' => $run->count(),
                    'link' => (string) $run->element->name,
                    'role' => $role,
                    'side' => $run->grows() ? 'start' : 'finish',
                    'from' => $from,
                ]),
                [],
                0 === $i ? $run->count() : 1,
                $role,
                by: $ends,
                things: 0 === $i ? array_fill(0, $run->count(), (string) $run->element->name) : [],
                takes: array_values(array_filter(
                    $takes,
                    static fn (Spent $spent): bool => \in_array($spent->end, $ends, true),
                )),
                adds: 0 === $i ? $run->length() : null,
                what: $run->element->word(),
                grows: $run->grows(),
                marks: [$from],
                makes: [$this->last],
                from: $run->from,
                due: $run->due(),
                at: $run->at,
                along: 0 === $i ? $run->along() : 0.0,
                looks: [new Said('look-lacing')],
                lesson: 'lacing',
                half: $run->half,
            );
        }

        return $acts;
    }

    protected function outlets(): array
    {
        return [
            new Outlet(
                true,
                Landmark::of('first-link'),
                $this->edges->brink(true)[1],
                self::ends($this->laces, true, false),
                isLink: true,
            ),
            new Outlet(
                false,
                Landmark::of('last-link'),
                $this->edges->brink(false)[1],
                self::ends($this->laces, false),
                isLink: true,
            ),
        ];
    }
}
