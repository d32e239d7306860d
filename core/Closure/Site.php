<?php

declare(strict_types=1);

namespace Rinkel\Core\Closure;

use Rinkel\Core\Closure\Closing\Stops;
use Rinkel\Core\Knot\Kind\Overhand;
use Rinkel\Core\Knot\KnotBook;
use Rinkel\Core\Knot\TiedKnot;
use Rinkel\Core\Material\Bead;
use Rinkel\Core\Material\Cord;
use Rinkel\Core\Material\CordUse;
use Rinkel\Core\Material\Finding;
use Rinkel\Core\Material\FindingKind;
use Rinkel\Core\Measure\Length;

/**
 * Where a closure is made: what its maker wished, what lies at the body's ends, what it is tied with and made of.
 *
 * @internal
 */
final readonly class Site
{
    /**
     * @param CordUse                $ends     what lies at each end of the body
     * @param Cord                   $working  the cord that ties a slider
     * @param array<string, Finding> $findings of the piece, by short name
     * @param array<string, Bead>    $beads    likewise
     */
    public function __construct(
        public ClosureWish $wish,
        public CordUse $ends,
        public Cord $working,
        public KnotBook $book,
        private array $findings,
        public Footing $footing,
        private array $beads = [],
    ) {}

    /**
     * Returns how much longer a knot makes an end whose cords go through a finding and are tied back to themselves;
     * nothing where they are folded there, or hang on a link.
     */
    public function tiedBack(bool $isStart): Length
    {
        return $this->footing->isLinked || $isStart && $this->footing->isFolded
            ? Length::zero()
            : $this->book->in(new Overhand(), $this->ends->cord, 2 * $this->ends->count)->pitch;
    }

    /**
     * Returns the knot that stops one end: of all its cords, or of each.
     */
    public function stop(): TiedKnot
    {
        $count = true === $this->wish->reach->tails?->areStoppedApart() ? 1 : $this->ends->count;

        return $this->book->in(
            $this->wish->reach->tails->knot ?? new Overhand(),
            $this->ends->cord,
            $count,
            $this->wish->reach->tails?->turns,
        );
    }

    /**
     * Returns what stays of a tail beyond its stop.
     */
    public function beyond(): Length
    {
        $bead = $this->beads[$this->wish->reach->tails->bead ?? ''] ?? null;

        return $this->wish->reach->tails?->beyond(
            $this->footing->tailEnd,
            $bead->length ?? Length::zero(),
            $this->ends->count,
        ) ?? $this->footing->tailEnd;
    }

    /**
     * Returns the beads at the tips of the tails, by name.
     *
     * @param int|null $ends of the piece that have tails; all that have no fold when null
     *
     * @return array<string, int>
     */
    public function tipped(?int $ends = null): array
    {
        $bead = $this->wish->reach->tails?->bead;
        $ends ??= $this->footing->isFolded ? 1 : 2;

        return null === $bead || 0 === $ends ? [] : [$bead => $ends * $this->ends->count];
    }

    /**
     * Returns how the tails of a slider or of ties are stopped that are $tail long.
     */
    public function stops(Length $tail, ?TiedKnot $knot = null): Stops
    {
        $bead = $this->beads[$this->wish->reach->tails->bead ?? ''] ?? null;

        return new Stops(
            $tail,
            $knot ?? $this->stop(),
            $this->wish->reach->tails,
            $this->footing->tailEnd,
            $bead->length ?? Length::zero(),
        );
    }

    /**
     * Returns whether the ends of cords that tie run on as tails.
     */
    public function takesAll(): bool
    {
        return true === $this->wish->reach->tails?->allCords;
    }

    /**
     * Returns the wished finding of $kind and its name, else any of that kind, else a usual one by the name of its
     * kind.
     *
     * @return array{string, Finding}
     */
    public function finding(FindingKind $kind): array
    {
        foreach ([...$this->wish->findings, ...array_map(strval(...), array_keys($this->findings))] as $name) {
            $finding = $this->findings[$name] ?? null;
            if (null !== $finding && $kind === $finding->kind) {
                return [$name, $finding];
            }
        }

        return [str_replace('-', ' ', $kind->value), Finding::usual($kind)];
    }

    /**
     * Returns the findings of $kind that the maker wished; when they named none, the first of that kind, if there is
     * one.
     *
     * @return list<array{string, Finding}>
     */
    public function wished(FindingKind $kind): array
    {
        $wished = self::of($kind, $this->findings());

        return [] === $wished ? \array_slice(self::of($kind, $this->all()), 0, 1) : $wished;
    }

    /**
     * @return list<array{string, Finding}> those that the maker wished, in order, by name
     */
    public function findings(): array
    {
        $named = [];
        foreach ($this->wish->findings as $name) {
            if (isset($this->findings[$name])) {
                $named[] = [$name, $this->findings[$name]];
            }
        }

        return $named;
    }

    /**
     * Returns the bead with the largest hole.
     */
    public function widest(): ?string
    {
        $widest = null;
        foreach ($this->beads as $name => $bead) {
            $widest = null === $widest || $bead->hole->isLongerThan(
                $this->beads[$widest]->hole,
            ) ? (string) $name : $widest;
        }

        return $widest;
    }

    /**
     * @return list<array{string, Finding}>
     */
    private function all(): array
    {
        return array_map(
            fn (int|string $name): array => [(string) $name, $this->findings[$name]],
            array_keys($this->findings),
        );
    }

    /**
     * @param list<array{string, Finding}> $named
     *
     * @return list<array{string, Finding}>
     */
    private static function of(FindingKind $kind, array $named): array
    {
        return array_values(array_filter($named, static fn (array $one): bool => $kind === $one[1]->kind));
    }
}
