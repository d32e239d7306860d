<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Knot\Kind\VerticalLarksHead;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\Bench;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\EndUse;
use Rinkel\Core\Work\Grip;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\LooseEnds;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;
use Rinkel\Core\Work\Stint;

/**
 * A loop of vertical lark's heads: from the middle outwards, half the row with each end of the working cord, then bent
 * until the button goes through. The first knots of the body close it; ends of cores that run through it only once lie
 * in these.
 *
 * @internal
 */
final readonly class HeadLoop implements AtEnd
{
    /** What of a core is laid back into the first knots, in mm (judgement). */
    private const LAID = 10.0;

    /**
     * @param Length $inside opening, all around
     * @param Length $middle the same along the middle of the row
     */
    public function __construct(
        private TiedKnot $head,
        private int $heads,
        private Length $inside,
        private Length $middle,
        private int $loops,
        private string $button,
    ) {}

    public function acts(Bench $bench, Outlet $at): array
    {
        $heads = $this->heads * $this->loops;
        $working = \array_slice($at->ends->working, 0, 2);
        $takes = $this->takes($bench, $at, $working, $heads);
        $word = (new VerticalLarksHead())->word();
        $row = Landmark::of('row-end', null, $at->side());
        $knot = Landmark::of('loop-knot', null, $at->side());

        return [
            new Act(
                ActKind::Loop,
                Part::Loop,
                new Message('loop-heads', [
                    'count' => $heads,
                    'role' => $working[0]->cord->role ?? 'working',
                    'core' => $at->role() ?? 'core',
                ]),
                stint: new Stint(moves: [Move::knot($word)], count: $heads, knot: $word, takes: $takes),
                grip: new Grip(role: $working[0]->cord->role ?? null, by: $working, around: $at->ends->carrying),
                spot: new Spot(makes: [$row]),
                advice: new Advice(lesson: $word),
            ),
            new Act(
                ActKind::Bend,
                Part::Loop,
                new Message('loop-bent', [
                    'flat' => $this->inside->times(0.5),
                    'button' => $this->button,
                    'role' => $at->role() ?? 'core',
                    'laid' => $at->isFolded ? 'no' : 'yes',
                ]),
                grip: new Grip(role: $at->role()),
                spot: new Spot(marks: [$row], makes: [$knot], sizes: ['size' => $this->inside->times(0.5)]),
                advice: new Advice(looks: [new Message('look-button')], lesson: $word),
            ),
        ];
    }

    /**
     * @param list<End> $working
     *
     * @return list<EndUse>
     */
    private function takes(Bench $bench, Outlet $at, array $working, int $heads): array
    {
        $takes = [];
        foreach ($working as $i => $end) {
            $own = 0 === $i ? intdiv($heads + 1, 2) : intdiv($heads, 2);
            $takes[] = EndUse::knots(
                $end,
                $own * $this->head->use->millimetres,
                $bench->made(new VerticalLarksHead(), $end->cord->material),
            );
        }
        $along = $this->middle->times($this->loops * ($at->isFolded ? 0.5 : 1.0))->millimetres;
        foreach ($at->ends->carrying as $end) {
            $takes[] = EndUse::straight($end, $along + ($at->isFolded ? 0.0 : self::LAID));
        }

        return $takes;
    }

    public function loose(Bench $bench, Outlet $at): array
    {
        if ($at->isFolded) {
            return [];
        }
        foreach ($at->ends->carrying as $end) {
            $end->keep($bench->habits->hold(true)->millimetres);
        }

        return [new LooseEnds($at->ends->carrying, $at->edge)];
    }
}
