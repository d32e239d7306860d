<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Closure\Closing\TieUp;
use Rinkel\Core\Closure\Closing\TwoEnded;
use Rinkel\Core\Fit\Ring;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Remedy;
use Rinkel\Core\Remark\Severity;
use Rinkel\Core\Remark\Step;

/**
 * Two tails tied by hand: at least 2 in each side past the knot (common practice), and as much again for a bow's loops.
 *
 * @internal
 */
final readonly class Ties implements Closure
{
    public function __construct(
        private ClosureWish $wish,
        private ?Site $site = null,
    ) {}

    public static function least(): Length
    {
        return Length::ofInches(2);
    }

    public function body(Ring $ring): Length
    {
        return $ring->wished()->minus($this->gap());
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
        $tail = $this->wish->reach->tail ?? self::least()->times(2);
        $short = $tail->isShorterThan(self::least())
            ? [
                new Check(
                    'ties-too-short',
                    Severity::Stop,
                    ['tail' => $tail, 'least' => self::least()],
                    new Remedy('closure.tail', self::least()),
                ),
            ]
            : [];

        $all = $tail->plus($this->gap()->times(0.5));
        $end = new TieUp(
            $all,
            $this->wish->reach->tails,
            null === $this->wish->reach->tails?->bead ? null : $this->site?->stops($all),
        );

        return new Fastened(
            $this->wish->kind,
            new ClosureSpan(narrow: $this->gap(), wide: $this->gap(), tail: $tail),
            new TwoEnded($end, $end, $this->site?->takesAll() ?? false, false),
            fittings: new Fittings(beads: $this->site?->tipped() ?? []),
            checks: $short,
            steps: [new Step('ties', ['tail' => $tail, 'gap' => $this->gap()])],
        );
    }

    /**
     * Returns the knot's own length between the body's ends (1 cm; judgement).
     */
    private function gap(): Length
    {
        return Length::ofCentimetres(1);
    }
}
