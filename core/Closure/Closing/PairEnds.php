<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\Bench;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\EndCare;
use Rinkel\Core\Work\Finish;
use Rinkel\Core\Work\Grip;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\LooseEnds;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;
use Rinkel\Core\Work\Stint;

/**
 * How pairs of working ends are finished one after the other: tied off in an overhand, made safe, dry and cut, before
 * the next.
 *
 * @internal
 */
final class PairEnds
{
    /**
     * @param list<End> $tied  two of each pair
     * @param Landmark  $edge  against which they are tied off
     * @param bool      $isOne whether an end is cut and made safe in one act, as nothing is trimmed yet
     *
     * @return list<Act>
     */
    public static function of(Bench $bench, array $tied, Landmark $edge, bool $isOne): array
    {
        $acts = [];
        foreach (array_chunk($tied, 2) as $pair) {
            $knot = Landmark::of('pair-knot', null, $pair[0]->id);
            $acts[] = new Act(
                ActKind::Tie,
                Part::Ends,
                new Message('pair-off', ['role' => $pair[0]->cord->role, 'from' => $edge]),
                stint: new Stint(
                    moves: [Move::knot((new Overhand())->word())],
                    knot: (new Overhand())->word(),
                    takes: $bench->knots(new Overhand(), $bench->overhand($pair), $pair),
                ),
                grip: new Grip(role: $pair[0]->cord->role, by: $pair),
                care: new EndCare(endsAs: $isOne ? array_fill_keys(array_column($pair, 'id'), 'tied') : []),
                spot: new Spot(marks: [$edge], makes: [$knot]),
                advice: new Advice(lesson: 'together'),
            );
            $finish = new Finish($bench->habits);
            array_push($acts, ...($isOne ? $finish->atOnce($pair, $knot) : $finish->of([new LooseEnds($pair, $knot)])));
        }

        return $acts;
    }
}
