<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Closure\Closing\Findings;
use Rinkel\Core\Closure\Closing\TwoEnded;
use Rinkel\Core\Fit\Ring;
use Rinkel\Core\Knot\Kind\Square;
use Rinkel\Core\Knot\TiedKnot;
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
 * With nothing known they add 1 1/2 in together (common practice). Where cords are tied back to themselves, that knot
 * adds its length.
 *
 * @internal
 */
final readonly class Clasp implements Closure
{
    /** @var list<Finding> */
    private array $findings;

    private EndFindings $sides;

    /**
     * @param list<array{string, Finding}> $named that the maker wished, by name
     */
    public function __construct(
        private ClosureKind $kind,
        private array $named,
        private Site $site,
    ) {
        $this->findings = array_column($named, 1);
        $this->sides = EndFindings::shared([] === $named ? [['clasp', Finding::usual(FindingKind::Clasp)]] : $named);
    }

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
            new ClosureSpan(narrow: $this->fixed(), wide: $this->fixed()->plus($chain), length: $this->fixed()),
            new TwoEnded(
                new Findings($this->sides->left),
                new Findings($this->sides->right, $this->sides->half(), $this->over(), $this->site->wish->loop->behind),
                $this->site->takesAll(),
            ),
            fittings: new Fittings(named: $this->named, sides: $this->sides),
            checks: [...$this->toggle(), ...$this->ends()],
            steps: [
                new Step(
                    [] === $this->findings ? 'clasp-usual' : 'clasp-sum',
                    ['count' => \count($this->findings), 'sum' => $this->fixed(), 'chain' => $chain, 'extends' => $chain->isZero() ? 'no' : 'yes'],
                ),
            ],
        );
    }

    /**
     * Returns one of the square knots over the core where it is tied back at the end; null where there are none.
     */
    private function over(): ?TiedKnot
    {
        return 0 === $this->site->wish->loop->behind || $this->site->footing->isLinked || $this->sides->crimps(false)
            ? null
            : $this->site->book->around(new Square(), $this->site->ends->doubled(), $this->site->working);
    }

    private function fixed(): Length
    {
        $fixed = array_filter(
            $this->findings,
            static fn (Finding $finding): bool => FindingKind::Extender !== $finding->kind,
        );

        return [] === $fixed ? Length::ofInches(1.5) : Length::sum(
            $this->sides->crimps(true) ? Length::zero() : $this->site->tiedBack(true),
            $this->sides->crimps(false) ? Length::zero() : $this->site->tiedBack(false)->plus(
                $this->over()?->pitch->times($this->site->wish->loop->behind) ?? Length::zero(),
            ),
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
        $bundle = $this->site->ends->bundle()->diameter();
        foreach ([...$this->of(FindingKind::FoldOverEnd), ...$this->of(FindingKind::CordEnd)] as $end) {
            if ($bundle->isLongerThan($end->inside)) {
                $checks[] = new Check('end-too-small', Severity::Stop, [
                    'end' => $end->inside->written(Unit::Millimetre),
                    'bundle' => $bundle->written(Unit::Millimetre),
                ]);
            }
        }

        // Neither a fold nor a link has cord ends that could be pressed or glued in.
        foreach ([[true, $this->sides->left], [false, $this->sides->right]] as [$isStart, $side]) {
            $hasNone = $this->site->footing->isLinked || $isStart && $this->site->footing->isFolded;
            if ($hasNone && $this->sides->crimps($isStart)) {
                $checks[] = new Check('end-on-fold', Severity::Stop, ['finding' => $side[0][0]]);
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
