<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Closure\Closing\SlidingBead;
use Rinkel\Core\Fit\Lie;
use Rinkel\Core\Fit\Ring;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\Hole;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Severity;
use Rinkel\Core\Remark\Step;

/**
 * Both tails through one bead that holds them by being tight. It ranges as a slider of its length.
 *
 * @internal
 */
final readonly class SlideBead implements Closure
{
    /** A hole wider than the two cords by more than this share lets them slip (judgement). */
    private const GRIP = 0.1;

    public function __construct(
        private ClosureWish $wish,
        private string $name,
        private Finding $bead,
        private CordUse $ends,
        private TiedKnot $stop,
        private Site $site,
    ) {}

    public function body(Ring $ring): Length
    {
        $near = $ring->wished()->minus($this->bead->length);

        return $this->wish->reach->shows?->body($ring, $near) ?? $near;
    }

    public function isBound(): bool
    {
        return true;
    }

    public function lies(): array
    {
        return [Lie::rigid($this->bead->length, $this->bead->width)];
    }

    public function fasten(Ring $ring, Length $body): Fastened
    {
        $slider = null === $this->wish->reach->tail
            ? SquareKnotSlider::openingTo($this->bead->length, $ring->overHand()->minus($body))
            : SquareKnotSlider::withTails($this->bead->length, $this->wish->reach->tail);

        return new Fastened(
            $this->wish->kind,
            new ClosureSpan(
                narrow: $slider->closedGap(),
                wide: $slider->openGap(),
                tail: $slider->tail,
                length: $slider->length,
            ),
            new SlidingBead(
                $this->name,
                $this->site->stops($slider->tail, $this->stop)->against($this->name),
                $this->site->takesAll(),
            ),
            fittings: new Fittings(named: [[$this->name, $this->bead]], beads: $this->site->tipped()),
            checks: $this->checks(),
            steps: [
                new Step(
                    'slider-tail',
                    [
                        'gap' => $slider->openGap(),
                        'slider' => $slider->length,
                        'tail' => $slider->tail,
                        'slip' => Ring::slip(),
                    ],
                ),
            ],
        );
    }

    /**
     * @return list<Check>
     */
    private function checks(): array
    {
        $cords = array_fill(0, max(2, 2 * $this->ends->count), $this->ends->cord);
        $short = (new Hole($this->bead->inside))->shortfall($cords);
        $thick = $short->isZero() ? Hole::needed($cords) : $this->bead->inside->plus($short);
        $values = [
            'hole' => $this->bead->inside->written(Unit::Millimetre),
            'count' => \count($cords),
            'cords' => $thick->written(Unit::Millimetre),
        ];

        return match (true) {
            $this->stop->width->isShorterThan($this->bead->inside) => [new Check('stop-slips-through', Severity::Warn, [
                'hole' => $this->bead->inside->written(Unit::Millimetre),
                'knot' => $this->stop->width->written(Unit::Millimetre),
            ])],
            !$short->isZero() => [new Check('slide-bead-too-tight', Severity::Stop, $values)],
            $this->bead->inside->isLongerThan($thick->times(1 + self::GRIP)) => [
                new Check('slide-bead-slips', Severity::Warn, $values),
            ],
            default => [],
        };
    }
}
