<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Closure\Closing\Barrels;
use Rinkel\Core\Closure\Closing\BarrelTails;
use Rinkel\Core\Fit\Lie;
use Rinkel\Core\Fit\Ring;
use Rinkel\Core\Knot\Kind\Barrel;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Remark\Step;

/**
 * Sliding barrel knots of length k. Two: each at the end of its tail T, around the other tail; the gap goes from T + k
 * to 2T. One: at T1 on one tail around the other of length T2 with a stop; the gap goes from T1 + k to T1 + T2.
 *
 * So a body with two must be shorter than the wrist by about a tail, with one only by the short tail.
 *
 * @internal
 */
final readonly class BarrelSlider implements Closure
{
    /** The short tail of a single sliding knot: as near the body as it can be tied (judgement). */
    private const SHORT = 10.0;

    /** How far beyond its barrel the stop of a tail is tied, where it has one, in mm: a little out (judgement). */
    private const OUT = 10.0;

    private function __construct(
        private ClosureWish $wish,
        private bool $isDouble,
        private TiedKnot $sliding,
        private Site $site,
    ) {}

    public static function on(Site $site, bool $isDouble): self
    {
        $cord = $site->ends->cord;

        return new self(
            $site->wish,
            $isDouble,
            $site->book->sliding(new Barrel(), $cord, $cord, $site->wish->knot->wraps),
            $site,
        );
    }

    public function body(Ring $ring): Length
    {
        if (null === $this->wish->reach->shows) {
            return $ring->atSkin()->minus($this->narrow($this->tail($ring)));
        }
        // A body with two knots needs tails of half of what opens it, and with those it must still be worn as wished.
        $most = $this->isDouble && null === $this->wish->reach->tail
            ? $ring->wished()->times(2)->minus($ring->overHand())->minus($this->sliding->pitch->times(2))
            : $ring->wished()->minus($this->narrow($this->wish->reach->tail ?? $this->short()));

        return $this->wish->reach->shows->body($ring, $most);
    }

    public function isBound(): bool
    {
        return true;
    }

    public function lies(): array
    {
        return [Lie::bending($this->sliding->pitch, $this->sliding->thickness)];
    }

    private function barrels(Length $tail, Length $short): Barrels
    {
        $isStopped = $this->isDouble && true === $this->wish->reach->tails?->areStopped();

        return new Barrels(
            $this->sliding,
            $this->wish->knot->wraps,
            new BarrelTails(
                $tail,
                $short,
                gap: $this->narrow($tail),
                stays: $this->site->beyond(),
                spaced: !$this->isDouble && $this->wish->knot->spaced,
            ),
            stops: $this->isDouble ? null : $this->site->stops($tail),
            tips: $isStopped ? $this->site->stops(Length::ofMillimetres(self::OUT)) : null,
            takesAll: $this->site->takesAll(),
        );
    }

    public function fasten(Ring $ring, Length $body): Fastened
    {
        $double = $this->isDouble;
        $tail = null === $this->wish->reach->tail ? $this->opening($ring, $body) : Length::longest(
            $this->wish->reach->tail,
            $this->sliding->pitch,
        );
        $short = $double ? $tail : $this->short();

        return new Fastened(
            $this->wish->kind,
            new ClosureSpan(
                narrow: $this->narrow($tail),
                wide: $short->plus($tail),
                tail: $tail,
                length: $this->sliding->pitch,
            ),
            $this->barrels($tail, $short),
            fittings: new Fittings(beads: $this->site->tipped($double ? null : 1)),
            steps: [new Step($double ? 'double-barrel' : 'single-barrel', [
                'wraps' => $this->wish->knot->wraps,
                'knot' => $this->sliding->pitch,
                'tail' => $tail,
                'short' => $short,
                'narrow' => $this->narrow($tail),
                'wide' => $short->plus($tail),
            ])],
        );
    }

    /**
     * Returns the tail that opens to the hand a body which closes to the skin.
     */
    private function tail(Ring $ring): Length
    {
        return $this->wish->reach->tail ?? Length::longest(
            $ring->overHand()->minus($ring->atSkin())->plus($this->sliding->pitch),
            $this->sliding->pitch,
        );
    }

    /**
     * Returns the tail that opens a body of $body to the hand.
     */
    private function opening(Ring $ring, Length $body): Length
    {
        $gap = $ring->overHand()->minus($body);

        return Length::longest($this->isDouble ? $gap->times(0.5) : $gap->minus($this->short()), $this->sliding->pitch);
    }

    private function narrow(Length $tail): Length
    {
        return ($this->isDouble ? $tail : $this->short())->plus($this->sliding->pitch);
    }

    private function short(): Length
    {
        return $this->wish->reach->short ?? Length::ofMillimetres(self::SHORT);
    }
}
