<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Bench;
use Rinkel\Core\Work\Does;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Loose;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\Part;

/**
 * All ends of both sides in one overhand, for good: it goes over the head or the hand, and that is tried first.
 */
final readonly class TiedForGood extends ClosingSequence
{
    public function write(Bench $bench, Outlet $start, Outlet $finish): void
    {
        $left = $this->workingEnds($bench, $start, $finish);
        $ends = [...$start->tails(), ...$finish->tails()];
        $knot = Landmark::of('last-of-all');
        $bare = $start->bare->plus($finish->bare);
        $bench->write('closed', [] === $ends ? [] : [
            new Act(
                Does::Try,
                Part::Trial,
                new Message('try-over', ['opens' => $bench->opens, 'place' => $bench->place->value]),
                marks: [$start->edge, $finish->edge],
                sizes: ['opens' => $bench->opens],
            ),
            new Act(
                Does::Tie,
                Part::Close,
                new Message('for-good', [
                    'count' => \count($ends),
                    'start' => $start->edge,
                    'finish' => $finish->edge,
                    'bare' => $bare,
                    'bared' => $bare->isZero() ? 'no' : 'yes',
                    'before' => $start->bare,
                    'after' => $finish->bare,
                ]),
                [Move::knot((new Overhand())->word())],
                role: $start->role(),
                by: $ends,
                takes: $bench->knots(new Overhand(), $bench->overhand($ends), $ends),
                marks: [$start->edge, $finish->edge],
                makes: [$knot],
                sizes: ['start' => $start->bare, 'finish' => $finish->bare],
                knot: (new Overhand())->word(),
                looks: [new Message('look-place')],
                lesson: 'together',
            ),
        ], ['body', 'trial', 'working ends']);
        foreach ($ends as $end) {
            $end->keep($bench->habits->hold(true)->millimetres);
        }
        $this->lastEnds($bench, [...$left, new Loose($ends, $knot)], ['closed']);
    }
}
