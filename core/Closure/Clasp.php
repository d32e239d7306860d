<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Fit\Ring;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Remark\Check;
use Rinkel\Core\Remark\Severity;
use Rinkel\Core\Remark\Step;

/**
 * Clasp, rings and ends: they add their lengths to the ring. An extender chain adds a range.
 *
 * With nothing known they add 1 1/2 in together (common practice).
 */
final readonly class Clasp implements Closure
{
    /**
     * @param list<Finding> $findings
     * @param Length        $bundle   diameter of what the ends have to hold
     */
    public function __construct(
        private ClosureKind $kind,
        private array $findings,
        private Length $bundle,
    ) {}

    public function body(Ring $ring): Length
    {
        return $ring->wished()->minus($this->fixed());
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
        $chain = Length::sum(
            ...array_map(static fn (Finding $finding): Length => $finding->length, $this->of(FindingKind::Extender)),
        );

        return new Fastened(
            $this->kind,
            $this->fixed(),
            $this->fixed()->plus($chain),
            EndTake::held(),
            EndTake::held(),
            length: $this->fixed(),
            checks: [...$this->toggle(), ...$this->ends()],
            steps: [
                new Step(
                    [] === $this->findings ? 'clasp-usual' : 'clasp-sum',
                    ['count' => \count($this->findings), 'sum' => $this->fixed(), 'chain' => $chain, 'extends' => $chain->isZero() ? 'no' : 'yes'],
                ),
            ],
            findings: $this->findings,
        );
    }

    private function fixed(): Length
    {
        $fixed = array_filter(
            $this->findings,
            static fn (Finding $finding): bool => FindingKind::Extender !== $finding->kind,
        );

        return [] === $fixed ? Length::ofInches(1.5) : Length::sum(
            ...array_map(static fn (Finding $finding): Length => $finding->length, $fixed),
        );
    }

    /**
     * The bar goes through its ring slantwise: shorter than twice the opening, longer than it, or it does not pass or
     * does not stay.
     *
     * @return list<Check>
     */
    private function toggle(): array
    {
        $checks = [];
        foreach ($this->of(FindingKind::Toggle) as $toggle) {
            $values = [
                'bar' => $toggle->width->written(Unit::Millimetre),
                'ring' => $toggle->inside->written(Unit::Millimetre),
            ];
            if (!$toggle->width->isLongerThan($toggle->inside)) {
                $checks[] = new Check('toggle-slips', Severity::Stop, $values);
            } elseif ($toggle->width->isLongerThan($toggle->inside->times(2))) {
                $checks[] = new Check('toggle-cannot-pass', Severity::Stop, $values);
            } else {
                $checks[] = new Check(
                    'toggle-slim',
                    Severity::Hint,
                    ['slim' => $toggle->width->times(0.5)->written(Unit::Millimetre)],
                );
            }
        }

        return $checks;
    }

    /**
     * @return list<Check>
     */
    private function ends(): array
    {
        $checks = [];
        foreach ([...$this->of(FindingKind::FoldOverEnd), ...$this->of(FindingKind::CordEnd)] as $end) {
            if ($this->bundle->isLongerThan($end->inside)) {
                $checks[] = new Check('end-too-small', Severity::Stop, [
                    'end' => $end->inside->written(Unit::Millimetre),
                    'bundle' => $this->bundle->written(Unit::Millimetre),
                ]);
            }
        }

        return \array_slice($checks, 0, 1);
    }

    /**
     * @return list<Finding>
     */
    private function of(FindingKind $kind): array
    {
        return array_values(
            array_filter($this->findings, static fn (Finding $finding): bool => $kind === $finding->kind),
        );
    }
}
