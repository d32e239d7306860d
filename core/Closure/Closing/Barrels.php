<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Knot\BarrelKnot;
use Rinkel\Core\Knot\Kind\Barrel;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\Bench;
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
use Rinkel\Core\Work\Tool;

/**
 * Barrels that slide, each tied around the other side's tail. Two: each at the end of its own tail. One: the end where
 * the piece finishes winds around the tail of the other, near the body or as one of its spaced knots; that tail has the
 * stop.
 *
 * @internal
 */
final readonly class Barrels extends ClosingSequence
{
    /**
     * @param TiedKnot   $sliding one barrel around the other tail
     * @param Stops|null $stops   of the tail that has one
     * @param Stops|null $tips    of both tails beyond their barrels, where two have any
     */
    public function __construct(
        private TiedKnot $sliding,
        private int $turns,
        private BarrelTails $tails,
        private ?Stops $stops,
        private ?Stops $tips,
        bool $takesAll,
    ) {
        parent::__construct($takesAll);
    }

    public function write(Bench $bench, Outlet $start, Outlet $finish): void
    {
        $left = $this->workingEnds($bench, $start, $finish, null === $this->stops);
        $made = ['body', 'trial', 'working ends'];
        $running = [...$start->tails(), ...$finish->tails()];
        $one = $this->barrel($bench, $finish, $start, null === $this->stops ? $this->tails->tail : $this->tails->short);
        $two = null === $this->stops ? [$this->barrel($bench, $start, $finish, $this->tails->tail)] : [];
        $bench->write('slider', [] === $finish->tails() || [] === $start->tails() ? [] : [
            SlideTrial::crossed($running, $start, $finish, $this->tails->gap),
            $one,
            ...$two,
            SlideTrial::opens($bench, self::edge($finish), Part::Slider),
        ], $made);
        $bench->write('stops', null === $this->tips ? $this->stops?->acts($bench, $start) ?? [] : [
            ...$this->tips->acts($bench, self::beyond($start)),
            ...$this->tips->acts($bench, self::beyond($finish)),
        ], [...$made, 'slider']);
        if (null !== $this->tips) {
            $this->lastEnds($bench, [
                ...$left,
                ...$this->tips->loose($bench, self::beyond($start)),
                ...$this->tips->loose($bench, self::beyond($finish)),
            ], ['slider', 'stops']);

            return;
        }
        foreach ($finish->tails() as $end) {
            $end->keep(max($this->tails->stays->millimetres, BarrelKnot::tyingEnd()->millimetres));
        }
        foreach (null === $this->stops ? $start->tails() : [] as $end) {
            $end->keep(max($this->tails->stays->millimetres, BarrelKnot::tyingEnd()->millimetres));
        }
        $this->lastEnds($bench, [
            ...$left,
            ...($this->stops?->loose($bench, $start) ?? [
                new LooseEnds($start->tails(), self::edge($start), $this->tails->stays),
            ]),
            new LooseEnds($finish->tails(), self::edge($finish), $this->tails->stays),
        ], ['slider', 'stops']);
    }

    /**
     * Returns a side's tails where they come out of their own barrel.
     */
    private static function beyond(Outlet $at): Outlet
    {
        return new Outlet(
            $at->isStart,
            self::edge($at),
            Length::zero(),
            ends: new OutletEnds(carrying: $at->tails()),
        );
    }

    private function barrel(Bench $bench, Outlet $by, Outlet $around, Length $tail): Act
    {
        $distance = $by->from($tail);
        $word = (new Barrel())->word();

        return new Act(
            ActKind::Wind,
            Part::Slider,
            new Message($this->tails->spaced ? 'sliding-spaced' : 'sliding-barrel', [
                'side' => $by->side(),
                'count' => \count($by->tails()),
                'turns' => $this->turns,
                'distance' => $distance,
                'from' => $by->edge,
                'other' => $around->edge,
                'crossing' => $bench->habits->tying->crossing->value,
            ]),
            stint: new Stint(
                moves: [Move::knot($word)],
                knot: $word,
                takes: $bench->knots(new Barrel(), $this->sliding, $by->tails(), 1.0, $tail->millimetres),
            ),
            grip: new Grip(role: $by->role(), by: $by->tails(), around: $around->tails()),
            spot: new Spot(marks: [$by->edge], makes: [self::edge($by)], sizes: ['distance' => $distance]),
            advice: new Advice(
                looks: [
                    new Message('look-snug'),
                    ...([] === $by->tails() ? [] : Finish::wound($by->tails()[0]->cord->material)),
                ],
                tools: [Tool::Straw],
                lesson: 'sliding barrel',
            ),
        );
    }

    private static function edge(Outlet $at): Landmark
    {
        return Landmark::of('barrel', null, $at->side());
    }
}
