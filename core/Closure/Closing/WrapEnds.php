<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Knot\Kind\Barrel;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActingEnd;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\Bench;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\EndUse;
use Rinkel\Core\Work\Finish;
use Rinkel\Core\Work\Grip;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\LoopEnd;
use Rinkel\Core\Work\LooseEnds;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\OutletEnds;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;
use Rinkel\Core\Work\Stint;
use Rinkel\Core\Work\Tool;

/**
 * The two ends of a wrap, each bound by a barrel that the long end ties around the short one: the button where the cord
 * parts and the loop last, or the loop first and the button last, as its maker has it.
 *
 * @internal
 */
final readonly class WrapEnds extends ClosingSequence
{
    /**
     * @param TiedKnot   $barrel that binds them
     * @param Length     $inside of one loop, all around
     * @param Length     $middle along the middle of the cord
     * @param Stops|null $tips   of tails that hang from there
     */
    public function __construct(
        private string $button,
        private Length $play,
        private TiedKnot $barrel,
        private int $turns,
        private Length $inside,
        private Length $middle,
        private int $loops,
        private ?Stops $tips = null,
    ) {
        parent::__construct();
    }

    public function write(Bench $bench, Outlet $start, Outlet $finish): void
    {
        [$short, $long] = [$start->ends->carrying[0] ?? null, $start->ends->carrying[1] ?? null];
        if (null === $short || null === $long) {
            return;
        }
        $isLast = $bench->habits->order->button->isLast();
        $bench->write('end start', $isLast
            ? $this->loops($bench, $short, $long, $start)
            : $this->button($bench, $short, $long, $start), ['cords', 'mount']);
        $bench->write('body', [], ['end start']);
        $bench->write('end finish', $isLast
            ? $this->button($bench, $short, $long, $finish)
            : $this->loops($bench, $short, $long, $finish), ['body', 'trial']);
        if (null !== $this->tips) {
            $tails = new Outlet(
                false,
                $isLast
                ? Landmark::of('button-knot', null, $finish->side())
                : Landmark::of('loop-end', null, $finish->side().' '.$this->loops),
                Length::zero(),
                ends: new OutletEnds(carrying: [$short, $long]),
            );
            $bench->write('stops', $this->tips->acts($bench, $tails), ['end finish']);
            $this->lastEnds($bench, $this->tips->loose($bench, $tails), ['stops']);

            return;
        }
        foreach ([$short, $long] as $end) {
            $end->keep(max($bench->habits->hold(true)->millimetres, $bench->habits->tailEnd()->millimetres));
        }
        $from = $isLast
            ? Landmark::of('button-knot', null, $finish->side())
            : Landmark::of('loop-end', null, $finish->side().' '.$this->loops);
        $this->lastEnds($bench, [new LooseEnds([$short, $long], $from, $bench->habits->tailEnd())], ['end finish']);
    }

    /**
     * @return list<Act>
     */
    private function button(Bench $bench, End $short, End $long, Outlet $at): array
    {
        $shank = Landmark::of('shank', null, $at->side());

        return [
            new Act(
                ActKind::Pass,
                Part::Button,
                new Message($at->isStart ? 'button-at-mark' : 'button-on-both', ['button' => $this->button]),
                stint: new Stint(things: [$this->button]),
                grip: new Grip(role: $short->cord->role, through: $at->isStart ? [$short] : [$short, $long]),
                spot: new Spot(marks: [$at->isStart ? Landmark::of('mark') : $at->edge], makes: [$shank]),
                advice: new Advice(looks: [new Message('look-face')], lesson: 'button'),
            ),
            $this->bound($bench, $short, $long, $at, $shank),
        ];
    }

    private function bound(Bench $bench, End $short, End $long, Outlet $at, Landmark $shank): Act
    {
        return new Act(
            ActKind::Wind,
            Part::Button,
            new Message('button-barrel', [
                'turns' => $this->turns,
                'play' => $this->play,
                'plays' => $this->play->isZero() ? 'no' : 'yes',
            ]),
            stint: new Stint(
                moves: [Move::knot((new Barrel())->word())],
                knot: (new Barrel())->word(),
                takes: $this->taken($bench, $short, $long, $this->play->millimetres),
            ),
            grip: new Grip(role: $short->cord->role, acting: ActingEnd::Long, by: [$long], around: [$short]),
            spot: new Spot(
                marks: [$shank],
                makes: [Landmark::of('button-knot', null, $at->side())],
                sizes: $this->play->isZero() ? [] : ['distance' => $this->play],
            ),
            advice: new Advice(
                looks: Finish::wound($short->cord->material),
                tools: [Tool::Straw],
                lesson: 'sliding barrel',
            ),
        );
    }

    /**
     * @return list<Act>
     */
    private function loops(Bench $bench, End $short, End $long, Outlet $at): array
    {
        $acts = [];
        for ($loop = 1; $loop <= $this->loops; ++$loop) {
            $acts[] = $this->loop($bench, $short, $long, $at, $loop);
        }

        return $acts;
    }

    /**
     * Returns how one loop is bent and bound, from 1.
     */
    private function loop(Bench $bench, End $short, End $long, Outlet $at, int $loop): Act
    {
        $flat = $this->inside->times(0.5);
        $from = 1 === $loop ? $at->edge : Landmark::of('loop-end', null, $at->side().' '.($loop - 1));
        $isFold = $at->isStart && 1 === $loop;
        $isShort = LoopEnd::Short === $bench->habits->tying->loopEnd && !$isFold;
        [$by, $core] = $isShort ? [$short, $long] : [$long, $short];

        return new Act(
            ActKind::Loop,
            Part::Loop,
            new Message($isFold ? 'wrap-loop-fold' : 'wrap-loop', [
                'turns' => $this->turns,
                'flat' => $flat,
                'button' => $this->button,
                'from' => $from,
                'next' => $loop > 1 ? 'yes' : 'no',
                'with' => $isShort ? 'short' : 'long',
            ]),
            stint: new Stint(
                moves: [Move::knot((new Barrel())->word())],
                knot: (new Barrel())->word(),
                takes: $this->taken($bench, $core, $by, $this->middle->times(0.5)->millimetres),
            ),
            grip: new Grip($by->cord->role, $isShort ? ActingEnd::Short : ActingEnd::Long, [$by], [$core]),
            spot: new Spot(
                marks: $isFold ? [Landmark::of('mark')] : [$from],
                makes: [Landmark::of('loop-end', null, $at->side().' '.$loop)],
                sizes: ['distance' => $flat],
            ),
            advice: new Advice(
                looks: [new Message('look-button'), new Message('look-barrel')],
                tools: [Tool::Straw],
                lesson: 'sliding barrel',
            ),
        );
    }

    /**
     * @return list<EndUse>
     */
    private function taken(Bench $bench, End $short, End $long, float $straight): array
    {
        return [
            ...$bench->knots(new Barrel(), $this->barrel, [$long], 1.0, $straight),
            EndUse::straight($short, $this->barrel->pitch->millimetres + $straight),
        ];
    }
}
