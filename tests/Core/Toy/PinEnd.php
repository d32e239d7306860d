<?php

declare(strict_types=1);

namespace Rinkel\Tests\Core\Toy;

use Rinkel\Core\Closure\Closing\AtEnd;
use Rinkel\Core\Closure\Closing\TwoEnded;
use Rinkel\Core\Closure\Closure;
use Rinkel\Core\Closure\ClosureSpan;
use Rinkel\Core\Closure\Fastened;
use Rinkel\Core\Fit\Ring;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Measure\Length;
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
 * An end that Rinkel does not know: all cords in an overhand, for a pin to go through. Its acts are all it takes; the
 * cuts, the order and the trimming follow.
 */
final readonly class PinEnd implements AtEnd, Closure
{
    public function __construct(private Pinning $kind) {}

    public function acts(Bench $bench, Outlet $at): array
    {
        $ends = $at->ends->carrying;
        $knot = (new Overhand())->word();

        return [] === $ends ? [] : [new Act(
            ActKind::Tie,
            Part::Close,
            new Message('toy-pin', ['from' => $at->edge]),
            stint: new Stint(
                moves: [Move::knot($knot)],
                knot: $knot,
                takes: $bench->knots(new Overhand(), $bench->overhand($ends), $ends),
            ),
            grip: new Grip(by: $ends),
            spot: new Spot(marks: [$at->edge], makes: [Landmark::of('toy-pin', null, $at->side())]),
            advice: new Advice(lesson: 'together'),
        )];
    }

    public function loose(Bench $bench, Outlet $at): array
    {
        foreach ($at->ends->carrying as $end) {
            $end->keep($bench->habits->hold(true)->millimetres);
        }

        return [new LooseEnds($at->ends->carrying, Landmark::of('toy-pin', null, $at->side()))];
    }

    public function body(Ring $ring): Length
    {
        return $ring->wished();
    }

    public function isBound(): bool
    {
        return false;
    }

    public function lies(): array
    {
        return [];
    }

    public function fasten(Ring $ring, Length $body): Fastened
    {
        return new Fastened(
            $this->kind,
            new ClosureSpan(narrow: Length::zero(), wide: Length::zero()),
            new TwoEnded($this, $this),
        );
    }
}
