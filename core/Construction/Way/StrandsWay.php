<?php

declare(strict_types=1);

namespace Rinkel\Core\Construction\Way;

use Rinkel\Core\Construction\KnottedStrands;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Line\Element;
use Rinkel\Core\Line\ElementKind;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\Grip;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\OutletEnds;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;
use Rinkel\Core\Work\Stint;
use Rinkel\Core\Work\Task;
use Rinkel\Core\Work\Tool;

/**
 * Strands side by side, each with its own knots between its beads, staggered. The first knots and what holds the
 * strands where they begin come before the beads; what holds them at the other end comes when all is tried.
 *
 * @internal
 */
class StrandsWay extends CordWay
{
    protected function role(): string
    {
        return 'strand';
    }

    protected function task(): Task
    {
        return Task::Strand;
    }

    protected function roles(): array
    {
        return KnottedStrands::names($this->draft->piece);
    }

    protected function strings(): bool
    {
        return false;
    }

    protected function mounted(): array
    {
        return [new Act(
            ActKind::Pin,
            Part::Mount,
            new Message('begin-strands', ['count' => $this->count()]),
            grip: new Grip(role: 'strand'),
            spot: new Spot(marks: [Landmark::of('mark')]),
            advice: new Advice(tools: [Tool::Board, Tool::Clip]),
        )];
    }

    protected function body(): void
    {
        $whole = $this->halves()[0];
        $count = 0;
        foreach ($whole->elements as $element) {
            if (null === $element->knot && ElementKind::Bare !== $element->kind) {
                break;
            }
            ++$count;
        }
        [$first, $rest] = $whole->parted($count);
        $this->bench->write('first knots', $this->half($first), ['cords', 'mount']);
        $skipped = $this->skipped;
        $acts = [];
        foreach ($rest->runs($this->joins(...)) as $run) {
            $moved = new WorkRun($run->elements, $first->length()->plus($run->from), $run->at, 1, 0);
            $isBare = ElementKind::Bare === $run->element->kind;
            array_push($acts, ...($isBare ? [$this->leave($moved)] : $this->run($moved)));
        }
        $this->skipped = $skipped;
        $this->bench->write('body', $acts, ['first knots', 'cords', 'mount', 'join']);
    }

    protected function outlets(): array
    {
        [$start, $finish] = parent::outlets();
        $closing = $this->draft->fastened->closing;
        if (!$closing->crimps(true)) {
            $this->bench->write('join', [$this->together($start, 'strands-begun')], ['first knots']);
        }
        if (!$closing->crimps(false)) {
            $this->bench->write('strands', [$this->together($finish, 'strands-ended')], ['body', 'trial']);
            foreach (['end start', 'end finish', 'slider', 'closed', 'trimmed'] as $stretch) {
                $this->bench->need($stretch, 'strands');
            }
        }
        $this->bench->need('end start', 'first knots');

        return [
            new Outlet(
                true,
                $start->edge,
                $start->bare,
                ends: new OutletEnds($start->ends->carrying),
                isFirst: $closing->crimps(true),
            ),
            $finish,
        ];
    }

    protected function tiesAll(): bool
    {
        return false;
    }

    /**
     * Each strand ties its own.
     */
    protected function moves(Element $element): array
    {
        $strands = max(1, $this->count());

        return array_fill(0, $strands, Move::knot($element->word(), share: 1 / $strands));
    }

    /**
     * Returns all strands in one overhand at one end.
     */
    protected function together(Outlet $at, string $key): Act
    {
        return new Act(
            ActKind::Attach,
            Part::Mount,
            new Message($key, ['count' => \count($at->ends->carrying), 'from' => $at->edge]),
            stint: new Stint(
                moves: [Move::knot((new Overhand())->word())],
                knot: (new Overhand())->word(),
                takes: [] === $at->ends->carrying ? [] : $this->bench->knots(
                    new Overhand(),
                    $this->bench->overhand($at->ends->carrying),
                    $at->ends->carrying,
                ),
            ),
            grip: new Grip(role: 'strand', by: $at->ends->carrying),
            spot: new Spot(marks: [$at->edge]),
            advice: new Advice(lesson: 'together'),
        );
    }
}
