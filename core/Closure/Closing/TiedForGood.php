<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\Bench;
use Rinkel\Core\Work\Grip;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\LooseEnds;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;
use Rinkel\Core\Work\Stint;

/**
 * All ends of both sides in one overhand, for good: it goes over the head or the hand, and that is tried first.
 *
 * @internal
 */
final readonly class TiedForGood extends ClosingSequence
{
    public function write(Bench $bench, Outlet $start, Outlet $finish): void
    {
        $left = $this->workingEnds($bench, $start, $finish);
        $ends = [...$start->tails(), ...$finish->tails()];
        $knot = Landmark::of('last-of-all');
        $bench->write('closed', [] === $ends ? [] : [
            new Act(
                ActKind::Try,
                Part::Trial,
                new Message('try-over', ['opens' => $bench->opens, 'place' => $bench->place->value]),
                spot: new Spot(marks: [$start->edge, $finish->edge], sizes: ['opens' => $bench->opens]),
            ),
            self::tied($bench, $start, $finish, $knot),
        ], ['body', 'trial', 'working ends']);
        foreach ($ends as $end) {
            $end->keep($bench->habits->hold(true)->millimetres);
        }
        $this->lastEnds($bench, [...$left, new LooseEnds($ends, $knot)], ['closed']);
    }

    private static function tied(Bench $bench, Outlet $start, Outlet $finish, Landmark $knot): Act
    {
        $ends = [...$start->tails(), ...$finish->tails()];
        $bare = $start->bare->plus($finish->bare);

        return new Act(
            ActKind::Tie,
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
            stint: new Stint(
                moves: [Move::knot((new Overhand())->word())],
                knot: (new Overhand())->word(),
                takes: $bench->knots(new Overhand(), $bench->overhand($ends), $ends),
            ),
            grip: new Grip(role: $start->role(), by: $ends),
            spot: new Spot(
                marks: [$start->edge, $finish->edge],
                makes: [$knot],
                sizes: ['start' => $start->bare, 'finish' => $finish->bare],
            ),
            advice: new Advice(looks: [new Message('look-place')], lesson: 'together'),
        );
    }
}
