<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Material\CordRun;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\Finish;
use Rinkel\Core\Work\Grip;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\LooseEnds;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\OutletEnds;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;
use Rinkel\Core\Work\Stint;
use Rinkel\Core\Work\Task;
use Rinkel\Core\Work\Tool;
use Rinkel\Core\Work\WorkCord;

/**
 * Two groups of threads braided through a chain, from its end link on, where they are folded or knotted together.
 *
 * @internal
 */
final class BraidedWay extends Way
{
    /** @var array<string, list<WorkCord>> by group */
    private array $groups = [];

    protected function begin(): void
    {
        $isFolded = $this->isFolded();
        foreach (['left', 'right'] as $role) {
            $use = $this->draft->piece->cord($role);
            for ($i = 0; $i < $use->count; ++$i) {
                $this->groups[$role][] = $this->bench->cord(
                    $role,
                    Task::Strand,
                    $use->cord,
                    $isFolded,
                    isUnmarked: true,
                );
            }
        }
        $all = self::ends(array_merge(...array_values($this->groups)), true, $isFolded);
        $this->bench->write('mount', [new Act(
            ActKind::Attach,
            Part::Mount,
            new Message($isFolded ? 'begin-braiding' : 'begin-braiding-apart', ['count' => \count($all)]),
            stint: new Stint(
                moves: $isFolded ? [] : [Move::knot((new Overhand())->word())],
                count: $isFolded ? 1 : 2,
                takes: $isFolded || [] === $all ? [] : $this->bench->knots(
                    new Overhand(),
                    $this->bench->overhand($all),
                    $all,
                    2.0,
                ),
            ),
            grip: new Grip(by: $all),
            spot: new Spot(makes: [Landmark::of('first-link'), Landmark::of('first-knots')]),
            advice: new Advice(tools: [Tool::Board, Tool::Pins], lesson: 'braid through links'),
        )], ['cords', 'end start']);
    }

    protected function lanes(int $half): array
    {
        return array_map(fn (array $cords): array => self::ends($cords, $this->isFolded()), $this->groups);
    }

    /**
     * When the last link is braided through the hairpins come off the groups.
     */
    protected function body(): void
    {
        parent::body();
        $this->bench->write('body', [new Act(
            ActKind::Unpin,
            Part::Body,
            new Message('hairpins-off'),
            spot: new Spot(marks: [Landmark::of('last-link')]),
        )]);
    }

    protected function start(Half $half): void
    {
        parent::start($half);
        $this->origin = $this->last = Landmark::of('first-link');
    }

    protected function joins(Element $last, Element $next): bool
    {
        return parent::joins($last, $next) || ElementKind::Link === $last->kind && ElementKind::Link === $next->kind
            && $last->name === $next->name;
    }

    protected function woven(WorkRun $run): array
    {
        $from = $this->last;
        $this->last = Landmark::of('last-link');

        return [new Act(
            ActKind::Braid,
            Part::Body,
            new Message('braid-links', ['count' => $run->count(), 'link' => (string) $run->element->name]),
            stint: new Stint(
                moves: [],
                count: $run->count(),
                things: array_fill(0, $run->count(), (string) $run->element->name),
                takes: $this->taken($run),
                adds: $run->length(),
                what: $run->element->word(),
            ),
            grip: new Grip(role: 'left', by: array_merge(...array_values($this->lanes(0)))),
            spot: $run->spot(marks: [$from], makes: [$this->last]),
            advice: new Advice(looks: [new Message('look-braid')], lesson: 'braid through links'),
        )];
    }

    protected function outlets(): array
    {
        $all = array_merge(...array_values($this->groups));
        $isFolded = $this->isFolded();
        if (!$isFolded) {
            $tips = self::ends($all, true, false);
            foreach ($tips as $end) {
                $end->keep($this->bench->habits->hold(false)->millimetres);
            }
            $this->bench->write(
                'first ends',
                (new Finish($this->bench->habits))->of([new LooseEnds($tips, Landmark::of('first-knots'))]),
                ['body', 'end finish', 'closed'],
            );
        }
        $running = self::ends($all, $isFolded);

        return [
            new Outlet(
                true,
                Landmark::of('first-link'),
                $this->edges->brink(true)[1],
                ends: new OutletEnds(carrying: $running),
                isFolded: true,
                isFirst: true,
                isLink: true,
            ),
            new Outlet(
                false,
                Landmark::of('last-link'),
                $this->edges->brink(false)[1],
                ends: new OutletEnds(carrying: $running),
                isLink: true,
            ),
        ];
    }

    private function isFolded(): bool
    {
        return CordRun::Apart !== $this->draft->piece->cord('left')->run;
    }
}
