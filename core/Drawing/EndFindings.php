<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;

/**
 * The findings of a closure, and at which end each of them goes.
 */
final readonly class EndFindings
{
    /**
     * @param list<Finding> $findings in the maker's order
     */
    public function __construct(private array $findings) {}

    /**
     * @return list<Finding>
     */
    public function left(): array
    {
        return [
            ...$this->endAndRing(0),
            ...$this->of(
                [
                    FindingKind::Clasp,
                    FindingKind::Hook,
                    FindingKind::Toggle,
                    FindingKind::Magnet,
                    FindingKind::Connector,
                    FindingKind::CrimpCover,
                ],
            ),
        ];
    }

    /**
     * @return list<Finding>
     */
    public function right(): array
    {
        return [...$this->endAndRing(1), ...$this->of([FindingKind::Extender, FindingKind::Charm, FindingKind::Link])];
    }

    /**
     * Returns the ends and rings on one side: they take turns.
     *
     * @return list<Finding>
     */
    private function endAndRing(int $side): array
    {
        $those = [];
        foreach ([[FindingKind::FoldOverEnd, FindingKind::CordEnd], [FindingKind::Ring]] as $kinds) {
            foreach ($this->of($kinds) as $i => $finding) {
                if ($side === $i % 2) {
                    $those[] = $finding;
                }
            }
        }

        return $those;
    }

    /**
     * Returns the closure's findings of some kinds, in the maker's order.
     *
     * @param list<FindingKind> $kinds
     *
     * @return list<Finding>
     */
    public function of(array $kinds): array
    {
        return array_values(
            array_filter(
                $this->findings,
                static fn (Finding $finding): bool => \in_array($finding->kind, $kinds, true),
            ),
        );
    }
}
