<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Knot\Kind\Barrel;
use Rinkel\Core\Knot\Tied;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Acting;
use Rinkel\Core\Work\Bench;
use Rinkel\Core\Work\Does;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\Finish;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\LoopEnd;
use Rinkel\Core\Work\Loose;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spent;
use Rinkel\Core\Work\Tool;

/**
 * The two ends of a wrap, each bound by a barrel that the long end ties around the short one: the button where the cord
 * parts and the loop last, or the loop first and the button last, as its maker has it.
 */
final readonly class WrapEnds extends ClosingSequence
{
    /**
     * @param Tied       $barrel that binds them
     * @param Length     $inside of one loop, all around
     * @param Length     $middle along the middle of the cord
     * @param Stops|null $tips   of tails that hang from there
     */
    public function __construct(
        private string $button,
        private Length $play,
        private Tied $barrel,
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
        [$short, $long] = [$start->carrying[0] ?? null, $start->carrying[1] ?? null];
        if (null === $short || null === $long) {
            return;
        }
        $isLast = $bench->habits->button->isLast();
        $bench->write('end start', $isLast
            ? $this->loops($bench, $short, $long, $start)
            : $this->button($bench, $short, $long, $start), ['cords', 'mount']);
        $bench->write('body', [], ['end start']);
        $bench->write('end finish', $isLast
            ? $this->button($bench, $short, $long, $finish)
            : $this->loops($bench, $short, $long, $finish), ['body', 'trial']);
        if (null !== $this->tips) {
            $tails = new Outlet(false, $isLast
                ? Landmark::of('button-knot', null, $finish->side())
                : Landmark::of('loop-end', null, $finish->side().' '.$this->loops), Length::zero(), [$short, $long]);
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
        $this->lastEnds($bench, [new Loose([$short, $long], $from, $bench->habits->tailEnd())], ['end finish']);
    }

    /**
     * @return list<Act>
     */
    private function button(Bench $bench, End $short, End $long, Outlet $at): array
    {
        $shank = Landmark::of('shank', null, $at->side());

        return [
            new Act(
                Does::Pass,
                Part::Button,
                new Message($at->isStart ? 'button-at-mark' : 'button-on-both', ['button' => $this->button]),
                role: $short->cord->role,
                through: $at->isStart ? [$short] : [$short, $long],
                things: [$this->button],
                marks: [$at->isStart ? Landmark::of('mark') : $at->edge],
                makes: [$shank],
                looks: [new Message('look-face')],
                lesson: 'button',
            ),
            new Act(
                Does::Wind,
                Part::Button,
                new Message('button-barrel', [
                    'turns' => $this->turns,
                    'play' => $this->play,
                    'plays' => $this->play->isZero() ? 'no' : 'yes',
                ]),
                [Move::knot((new Barrel())->word())],
                role: $short->cord->role,
                acting: Acting::Long,
                by: [$long],
                around: [$short],
                takes: $this->taken($bench, $short, $long, $this->play->millimetres),
                marks: [$shank],
                makes: [Landmark::of('button-knot', null, $at->side())],
                sizes: $this->play->isZero() ? [] : ['distance' => $this->play],
                knot: (new Barrel())->word(),
                looks: Finish::wound($short->cord->material),
                tools: [Tool::Straw],
                lesson: 'sliding barrel',
            ),
        ];
    }

    /**
     * @return list<Act>
     */
    private function loops(Bench $bench, End $short, End $long, Outlet $at): array
    {
        $flat = $this->inside->times(0.5);
        $acts = [];
        for ($loop = 1; $loop <= $this->loops; ++$loop) {
            $from = 1 === $loop ? $at->edge : Landmark::of('loop-end', null, $at->side().' '.($loop - 1));
            $isFold = $at->isStart && 1 === $loop;
            $isShort = LoopEnd::Short === $bench->habits->loopEnd && !$isFold;
            $acts[] = new Act(
                Does::Loop,
                Part::Loop,
                new Message($isFold ? 'wrap-loop-fold' : 'wrap-loop', [
                    'turns' => $this->turns,
                    'flat' => $flat,
                    'button' => $this->button,
                    'from' => $from,
                    'next' => $loop > 1 ? 'yes' : 'no',
                    'with' => $isShort ? 'short' : 'long',
                ]),
                [Move::knot((new Barrel())->word())],
                role: $short->cord->role,
                acting: $isShort ? Acting::Short : Acting::Long,
                by: [$isShort ? $short : $long],
                around: [$isShort ? $long : $short],
                takes: $isShort
                    ? $this->taken($bench, $long, $short, $this->middle->times(0.5)->millimetres)
                    : $this->taken($bench, $short, $long, $this->middle->times(0.5)->millimetres),
                marks: $isFold ? [Landmark::of('mark')] : [$from],
                makes: [Landmark::of('loop-end', null, $at->side().' '.$loop)],
                sizes: ['distance' => $flat],
                knot: (new Barrel())->word(),
                looks: [new Message('look-button'), new Message('look-barrel')],
                tools: [Tool::Straw],
                lesson: 'sliding barrel',
            );
        }

        return $acts;
    }

    /**
     * @return list<Spent>
     */
    private function taken(Bench $bench, End $short, End $long, float $straight): array
    {
        return [
            ...$bench->knots(new Barrel(), $this->barrel, [$long], 1.0, $straight),
            Spent::straight($short, $this->barrel->pitch->millimetres + $straight),
        ];
    }
}
