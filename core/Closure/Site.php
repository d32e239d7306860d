<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Knot\KnotBook;
use Rinkel\Core\Knot\Tied;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;

/**
 * Where a closure is made: what its maker wished, what lies at the body's ends, what it is tied with and made of.
 */
final readonly class Site
{
    /**
     * @param CordUse                $ends     what lies at each end of the body
     * @param Cord                   $working  the cord that ties a slider
     * @param array<string, Finding> $findings of the piece, by short name
     * @param array<string, Bead>    $beads    likewise
     * @param Length                 $tailEnd  what stays of a tail beyond its stop
     * @param int                    $together cords that lie at an end in all, working cords with them
     */
    public function __construct(
        public ClosureWish $wish,
        public CordUse $ends,
        public Cord $working,
        public KnotBook $book,
        private array $findings,
        public Length $tailEnd,
        public int $together = 1,
        private array $beads = [],
    ) {}

    /**
     * Returns the knot that stops one end: of all its cords, or of each.
     */
    public function stop(): Tied
    {
        $count = true === $this->wish->tails?->ownStops ? 1 : $this->ends->count;

        return $this->book->in(new Overhand(), $this->ends->cord, $count);
    }

    /**
     * Returns what stays of a tail beyond its stop.
     */
    public function beyond(): Length
    {
        $bead = $this->beads[$this->wish->tails->bead ?? ''] ?? null;

        return $this->wish->tails?->beyond(
            $this->tailEnd,
            $bead->length ?? Length::zero(),
            $this->ends->count,
        ) ?? $this->tailEnd;
    }

    /**
     * Returns the beads at the tips of $ends ends' tails, by name.
     *
     * @return array<string, int>
     */
    public function tipped(int $ends = 2): array
    {
        $bead = $this->wish->tails?->bead;

        return null === $bead ? [] : [$bead => $ends * $this->ends->count];
    }

    /**
     * Returns the wished finding of $kind, else any of that kind, else a usual one.
     */
    public function finding(FindingKind $kind): Finding
    {
        foreach ([...$this->wish->findings, ...array_map(strval(...), array_keys($this->findings))] as $name) {
            $finding = $this->findings[$name] ?? null;
            if (null !== $finding && $kind === $finding->kind) {
                return $finding;
            }
        }

        return Finding::usual($kind);
    }

    /**
     * Returns the findings of $kind that the maker wished; when she named none, the first of that kind, if there is
     * one.
     *
     * @return list<Finding>
     */
    public function wished(FindingKind $kind): array
    {
        $of = static fn (Finding $finding): bool => $kind === $finding->kind;
        $named = array_values(array_filter($this->findings(), $of));

        return [] === $named ? \array_slice(array_values(array_filter($this->findings, $of)), 0, 1) : $named;
    }

    /**
     * @return list<Finding> those that the maker wished, in order
     */
    public function findings(): array
    {
        return array_values(
            array_filter(
                array_map(fn (string $name): ?Finding => $this->findings[$name] ?? null, $this->wish->findings),
            ),
        );
    }
}
