<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Knot\Kind\Square;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Material\Cord as Material;
use Rinkel\Core\Material\Ending as Safe;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActingEnd;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\Bench;
use Rinkel\Core\Work\Grip;
use Rinkel\Core\Work\Habits;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\LooseEnds;
use Rinkel\Core\Work\Move;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;
use Rinkel\Core\Work\Stint;
use Rinkel\Core\Work\Task;
use Rinkel\Core\Work\WorkCord;

/**
 * Square knots of a cord of its own over the tails of both sides, and a stop on each: before it or after it, as its
 * maker has it.
 *
 * No glue comes to the cords that it runs on: where its own ends are glued, they are tied behind it first, and the drop
 * goes on that knot.
 *
 * @internal
 */
final readonly class Sliding extends ClosingSequence
{
    /**
     * @param TiedKnot $knot  one square knot over both tails
     * @param Length   $gap   between the body's ends when it is shut
     * @param bool     $glued whether glue on what it runs on is wished
     */
    public function __construct(
        private Material $cord,
        private TiedKnot $knot,
        private int $knots,
        private Length $gap,
        private Stops $stops,
        private bool $glued,
        bool $takesAll,
    ) {
        parent::__construct($takesAll);
    }

    public function write(Bench $bench, Outlet $start, Outlet $finish): void
    {
        $left = $this->workingEnds($bench, $start, $finish);
        $slider = $bench->cord('slider', Task::Slider, $this->cord, true);
        $made = ['body', 'trial', 'working ends'];
        $stopsFirst = $bench->habits->order->stops->isFirst();
        $bench->write(
            'slider',
            $this->slider($bench, $slider, $start, $finish),
            [...$made, ...($stopsFirst ? ['stops'] : [])],
        );
        $bench->write(
            'stops',
            [...$this->stops->acts($bench, $start), ...$this->stops->acts($bench, $finish)],
            [...$made, ...($stopsFirst ? [] : ['slider'])],
        );
        $bench->write('slid', [SlideTrial::opens($bench, Landmark::of('slider-edge'))], ['slider', 'stops']);
        $this->lastEnds($bench, [
            ...$left,
            ...$this->stops->loose($bench, $start),
            ...$this->stops->loose($bench, $finish),
            $this->ownEnds($bench, $slider),
        ], ['slid']);
    }

    /**
     * @return list<Act>
     */
    private function slider(Bench $bench, WorkCord $slider, Outlet $start, Outlet $finish): array
    {
        $running = [...$start->tails(), ...$finish->tails()];
        $side = $bench->habits->tying->side;
        $word = (new Square())->word();

        return [
            SlideTrial::crossed($running, $start, $finish, $this->gap),
            new Act(
                ActKind::Tie,
                Part::Slider,
                new Message('slider', ['count' => $this->knots, 'tails' => \count($running)]),
                stint: new Stint(
                    moves: [Move::half($word, $side), Move::half($word, $side->other())],
                    count: 2 * $this->knots,
                    knot: $word,
                    takes: $bench->knots(new Square(), $this->knot, $slider->ends(), $this->knots),
                ),
                grip: new Grip(role: 'slider', acting: ActingEnd::Both, by: $slider->ends(), around: $running),
                spot: new Spot(makes: [Landmark::of('slider-edge')]),
                advice: new Advice(looks: [new Message('look-snug')], lesson: 'slider'),
            ),
        ];
    }

    private function ownEnds(Bench $bench, WorkCord $slider): LooseEnds
    {
        foreach ($slider->ends() as $end) {
            $end->keep(Habits::SLIDER);
        }
        if ($this->glued || Safe::Singe === $bench->habits->ending($this->cord->fibre)) {
            return new LooseEnds($slider->ends(), Landmark::of('slider-edge'));
        }
        $behind = Landmark::of('slider-knot');
        $bench->write('slid', [new Act(
            ActKind::Tie,
            Part::Slider,
            new Message('slider-behind'),
            stint: new Stint(
                moves: [Move::knot((new Overhand())->word())],
                knot: (new Overhand())->word(),
                takes: $bench->knots(new Overhand(), $bench->overhand([$slider->a, $slider->b]), $slider->ends()),
            ),
            grip: new Grip(role: 'slider', by: $slider->ends()),
            spot: new Spot(makes: [$behind]),
            advice: new Advice(lesson: 'together'),
        )]);

        return new LooseEnds($slider->ends(), $behind);
    }
}
