<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Fit\Ring;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Severity;
use Rinkel\Core\Remark\Step;
use Rinkel\Core\Work\Closing;

/**
 * A ring without a range: elastic knotted shut, ends butted and glued, or ends glued into a magnet.
 *
 * What does not open has to pass the hand: elastic by its stretch h / F − 1, which the elastic must allow; a butted
 * ring as it is. A crimp cover lies over a knot, between the last bead and the first.
 *
 * @internal
 */
final readonly class ClosedRing implements Closure
{
    /**
     * @param Closing                      $made   how it is closed
     * @param array{string, Finding}|null  $magnet by its name
     * @param list<array{string, Finding}> $covers each over a knot of its own, by name
     */
    public function __construct(
        private ClosureWish $wish,
        private Cord $cord,
        private Closing $made,
        private bool $isKnotted = false,
        private ?array $magnet = null,
        private ?Length $bundle = null,
        private array $covers = [],
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
        return new Fastened(
            $this->wish->kind,
            new ClosureSpan(narrow: $this->gap(), wide: $this->gap(), length: $this->gap()),
            $this->made,
            fittings: new Fittings(named: $this->parts()),
            checks: $this->isKnotted ? $this->stretch($ring, $body) : $this->magnet(),
            steps: [new Step('closed-ring', ['gap' => $this->gap()])],
        );
    }

    private function gap(): Length
    {
        return Length::sum(...array_map(static fn (array $named): Length => $named[1]->length, $this->parts()));
    }

    /**
     * @return list<array{string, Finding}>
     */
    private function parts(): array
    {
        return null === $this->magnet ? $this->covers : [$this->magnet];
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
        $allowed = $this->cord->stretches();
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
        if (null === $this->magnet || null === $this->bundle || !$this->bundle->isLongerThan(
            $this->magnet[1]->inside,
        )) {
            return [];
        }

        return [new Check('magnet-too-small', Severity::Stop, [
            'inside' => $this->magnet[1]->inside->written(Unit::Millimetre),
            'bundle' => $this->bundle->written(Unit::Millimetre),
        ])];
    }
}
