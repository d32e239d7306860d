<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Fit\Ring;
use Rinkel\Core\Knot\Tied;
use Rinkel\Core\Line\Take;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Severity;
use Rinkel\Core\Remark\Step;

/**
 * A ring without a range: elastic knotted shut, ends butted and glued, or ends glued into a magnet.
 *
 * What does not open has to pass the hand: elastic by its stretch h / F − 1, which the elastic must allow; a butted
 * ring as it is.
 */
final readonly class ClosedRing implements Closure
{
    public function __construct(
        private ClosureWish $wish,
        private Cord $cord,
        private ?Tied $knot = null,
        private ?Finding $magnet = null,
        private ?Length $bundle = null,
    ) {}

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
        $end = null === $this->knot
            ? EndTake::wanting(Take::none(), EndTake::glued())
            : EndTake::wanting(Take::knots($this->knot->use), Length::ofCentimetres(10));

        return new Fastened(
            $this->wish->kind,
            $this->gap(),
            $this->gap(),
            $end,
            $end,
            length: $this->gap(),
            checks: null === $this->knot ? $this->magnet() : $this->stretch($ring, $body),
            steps: [new Step('closed-ring', ['gap' => $this->gap()])],
            findings: null === $this->magnet ? [] : [$this->magnet],
        );
    }

    private function gap(): Length
    {
        return $this->magnet->length ?? Length::zero();
    }

    /**
     * @return list<Check>
     */
    private function stretch(Ring $ring, Length $body): array
    {
        $inside = $ring->inside($body);
        if (!$inside->isLongerThan(Length::zero())) {
            return [];
        }
        $stretch = $ring->wearer->handGirth()->ratioTo($inside) - 1;
        $allowed = $this->cord->stretch->share ?? $this->cord->fibre->stretch();
        $values = [
            'percent' => (int) ceil(100 * $stretch - 1e-9),
            'allowed' => (int) round(100 * $allowed),
            'hand' => $ring->wearer->handGirth(),
            'inside' => $inside,
        ];

        return $stretch > $allowed + 1e-9 ? [
            new Check('elastic-over-stretched', Severity::Stop, $values),
        ] : [];
    }

    /**
     * @return list<Check>
     */
    private function magnet(): array
    {
        if (null === $this->magnet || null === $this->bundle || !$this->bundle->isLongerThan($this->magnet->inside)) {
            return [];
        }

        return [new Check('magnet-too-small', Severity::Stop, [
            'inside' => $this->magnet->inside->written(Unit::Millimetre),
            'bundle' => $this->bundle->written(Unit::Millimetre),
        ])];
    }
}
