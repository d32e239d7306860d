<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\End;

use Rinkel\Core\Closure\EndTake;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Remark\Step;

/**
 * Findings one after the other: a clasp, a hook, a ring, a connector. With none said it is a clasp of usual size.
 */
final readonly class FindingEnd extends Bare
{
    /** @var non-empty-list<Finding> */
    private array $findings;

    /**
     * @param list<Finding> $findings that the maker named for the closure; its buttons go elsewhere
     */
    public function __construct(array $findings)
    {
        $own = array_values(array_filter(
            $findings,
            static fn (Finding $finding): bool => FindingKind::Button !== $finding->kind,
        ));
        $this->findings = [] === $own ? [Finding::usual(FindingKind::Clasp)] : $own;
    }

    public function reach(): Length
    {
        return Length::sum(...array_map(static fn (Finding $finding): Length => $finding->length, $this->findings));
    }

    public function take(): EndTake
    {
        return EndTake::held();
    }

    public function step(): Step
    {
        return new Step('end-findings', ['count' => \count($this->findings), 'sum' => $this->reach()]);
    }

    public function findings(): array
    {
        return $this->findings;
    }
}
