<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\Closing;

use Rinkel\Core\Message;
use Rinkel\Core\Work\Act;
use Rinkel\Core\Work\ActKind;
use Rinkel\Core\Work\Advice;
use Rinkel\Core\Work\Bench;
use Rinkel\Core\Work\Grip;
use Rinkel\Core\Work\Landmark;
use Rinkel\Core\Work\Outlet;
use Rinkel\Core\Work\Part;
use Rinkel\Core\Work\Spot;
use Rinkel\Core\Work\Stint;
use Rinkel\Core\Work\Tool;

/**
 * The tails of both sides through one bead; slid out and tried before the stops are tied beyond it.
 *
 * @internal
 */
final readonly class SlidingBead extends ClosingSequence
{
    public function __construct(
        private string $bead,
        private Stops $stops,
        bool $takesAll,
    ) {
        parent::__construct($takesAll);
    }

    public function write(Bench $bench, Outlet $start, Outlet $finish): void
    {
        $left = $this->workingEnds($bench, $start, $finish);
        $running = [...$start->tails(), ...$finish->tails()];
        $bead = Landmark::of('slide-bead', $this->bead);
        $bench->write('slider', [
            new Act(
                ActKind::Pass,
                Part::Slider,
                new Message('slide-bead', [
                    'bead' => $this->bead,
                    'count' => \count($running),
                ]),
                stint: new Stint(things: [$this->bead]),
                grip: new Grip(through: $running),
                spot: new Spot(marks: [$start->edge, $finish->edge], makes: [$bead]),
                advice: new Advice(tools: [Tool::Needle], lesson: 'slide bead'),
            ),
            new Act(
                ActKind::Try,
                Part::Trial,
                new Message('try-bead', [
                    'bead' => $this->bead,
                    'opens' => $bench->opens,
                    'place' => $bench->place->value,
                ]),
                spot: new Spot(marks: [$bead], sizes: ['opens' => $bench->opens]),
            ),
        ], ['body', 'trial', 'working ends']);
        $bench->write(
            'stops',
            [...$this->stops->acts($bench, $start), ...$this->stops->acts($bench, $finish)],
            ['slider'],
        );
        $this->lastEnds(
            $bench,
            [...$left, ...$this->stops->loose($bench, $start), ...$this->stops->loose($bench, $finish)],
            ['stops'],
        );
    }
}
