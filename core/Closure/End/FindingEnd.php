<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure\End;

use Rinkel\Core\Closure\Closing\AtEnd;
use Rinkel\Core\Closure\Closing\Findings;
use Rinkel\Core\Closure\EndFindings;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Remark\Step;

/**
 * Findings one after the other: a clasp, a hook, a ring, a connector. With none said it is a clasp of usual size.
 *
 * @internal
 */
final readonly class FindingEnd extends Bare
{
    /** @var non-empty-list<array{string, Finding}> */
    private array $findings;

    /**
     * @param list<array{string, Finding}> $findings that the maker named for the closure; its buttons go elsewhere
     * @param Length                       $knot     that ties cords back to themselves
     */
    public function __construct(array $findings, private Length $knot)
    {
        $own = array_values(array_filter(
            $findings,
            static fn (array $named): bool => FindingKind::Button !== $named[1]->kind,
        ));
        $this->findings = [] === $own ? [['clasp', Finding::usual(FindingKind::Clasp)]] : $own;
    }

    public function reach(): Length
    {
        $crimps = EndFindings::isCrimp($this->findings[0][1]);

        return Length::sum($crimps ? Length::zero() : $this->knot, ...array_map(
            static fn (array $named): Length => $named[1]->length,
            $this->findings,
        ));
    }

    public function atEnd(): AtEnd
    {
        return new Findings($this->findings);
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
