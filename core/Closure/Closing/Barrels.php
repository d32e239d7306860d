<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Knot\BarrelKnot;
use Rinkel\Core\Knot\Kind\Barrel;
use Rinkel\Core\Knot\Tied;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\Bench;
use Rinkel\Core\Work\Does;
use Rinkel\Core\Work\End;
use Rinkel\Core\Work\Finish;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Loose;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Tool;

/**
 * Barrels that slide, each tied around the other side's tail. Two: each at the end of its own tail. One: the end where
 * the piece finishes winds around the tail of the other, near the body or as one of its spaced knots; that tail has the
 * stop.
 */
final readonly class Barrels extends ClosingSequence
{
    /**
     * @param Tied       $sliding one barrel around the other tail
     * @param Length     $tail    from the body's end to the barrel, or of one to the stop
     * @param Length     $short   from the other end to the only barrel
     * @param Length     $gap     between the body's ends when it is shut
     * @param Stops|null $stops   of the tail that has one
     * @param Stops|null $tips    of both tails beyond their barrels, where two have any
     * @param Length     $stays   of a tail beyond its last knot
     * @param bool       $spaced  whether the only barrel is one of the spaced knots
     */
    public function __construct(
        private Tied $sliding,
        private int $turns,
        private Length $tail,
        private Length $short,
        private Length $gap,
        private ?Stops $stops,
        private ?Stops $tips,
        private Length $stays,
        private bool $spaced,
        bool $takesAll,
    ) {
        parent::__construct($takesAll);
    }

    public function write(Bench $bench, Outlet $start, Outlet $finish): void
    {
        $left = $this->workingEnds($bench, $start, $finish, null === $this->stops);
        $made = ['body', 'trial', 'working ends'];
        $running = [...$start->tails(), ...$finish->tails()];
        $one = $this->barrel($bench, $finish, $start, null === $this->stops ? $this->tail : $this->short);
        $two = null === $this->stops ? [$this->barrel($bench, $start, $finish, $this->tail)] : [];
        $bench->write('slider', [] === $finish->tails() || [] === $start->tails() ? [] : [
            SlideTrial::crossed($running, $start, $finish, $this->gap),
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
            $end->keep(max($this->stays->millimetres, BarrelKnot::tyingEnd()->millimetres));
        }
        foreach (null === $this->stops ? $start->tails() : [] as $end) {
            $end->keep(max($this->stays->millimetres, BarrelKnot::tyingEnd()->millimetres));
        }
        $this->lastEnds($bench, [
            ...$left,
            ...($this->stops?->loose($bench, $start) ?? [new Loose($start->tails(), self::edge($start), $this->stays)]),
            new Loose($finish->tails(), self::edge($finish), $this->stays),
        ], ['slider', 'stops']);
    }

    /**
     * Returns a side's tails where they come out of their own barrel.
     */
    private static function beyond(Outlet $at): Outlet
    {
        return new Outlet($at->isStart, self::edge($at), Length::zero(), $at->tails());
    }

    private function barrel(Bench $bench, Outlet $by, Outlet $around, Length $tail): Act
    {
        $distance = $by->from($tail);
        $word = (new Barrel())->word();

        return new Act(
            Does::Wind,
            Part::Slider,
            new Message($this->spaced ? 'sliding-spaced' : 'sliding-barrel', [
                'side' => $by->side(),
                'count' => \count($by->tails()),
                'turns' => $this->turns,
                'distance' => $distance,
                'from' => $by->edge,
                'other' => $around->edge,
                'crossing' => $bench->habits->crossing->value,
            ]),
            [Move::knot($word)],
            role: $by->role(),
            by: $by->tails(),
            around: $around->tails(),
            takes: $bench->knots(new Barrel(), $this->sliding, $by->tails(), 1.0, $tail->millimetres),
            marks: [$by->edge],
            makes: [self::edge($by)],
            sizes: ['distance' => $distance],
            knot: $word,
            looks: [
                new Message('look-snug'),
                ...([] === $by->tails() ? [] : Finish::wound($by->tails()[0]->cord->material)),
            ],
            tools: [Tool::Straw],
            lesson: 'sliding barrel',
        );
    }

    private static function edge(Outlet $at): Landmark
    {
        return Landmark::of('barrel', null, $at->side());
    }
}
