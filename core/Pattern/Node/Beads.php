<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Place;

/**
 * A run of beads: "5 bead amber sky" repeats its names in turn, "2 amber 1 sky" says how many of each.
 *
 * @internal
 */
final readonly class Beads extends Leaf implements CountedPart
{
    use ByNumber;

    public const MOST_STRANDS = 60;

    /**
     * @param int                                $count  1 to 2000
     * @param non-empty-list<array{int, string}> $names  how many of which bead, in turn
     * @param int|null                           $strand of Lane::Strand, 1 to 60
     */
    public function __construct(
        public int $count,
        public BeadOrder $order,
        public array $names,
        public Lane $lane = Lane::Core,
        public ?int $strand = null,
        ?Place $place = null,
    ) {
        parent::__construct($place);
        self::hold($count, 1, self::MOST);
        self::hold($strand ?? 1, 1, self::MOST_STRANDS);
        foreach ($names as [$each]) {
            self::hold($each, 1, self::MOST);
        }
    }

    public function word(): string
    {
        return 'bead';
    }

    public function __toString(): string
    {
        $names = array_map(
            static fn (array $name): string => (1 === $name[0] ? '' : $name[0].' ').$name[1],
            $this->names,
        );

        return $this->count.' bead '
            .(BeadOrder::AsNamed === $this->order ? '' : $this->order->value.' ')
            .implode(' ', $names)
            .(Lane::Core === $this->lane ? '' : ' on '.$this->lane->value)
            .(null === $this->strand ? '' : ' '.$this->strand);
    }

    public function names(): array
    {
        return array_column($this->names, 1);
    }

    public function renamed(callable $rename): Node
    {
        $names = [];
        foreach ($this->names as $i => [$times, $name]) {
            $names[] = [$times, $rename($name, $i)];
        }

        return new self($this->count, $this->order, $names, $this->lane, $this->strand);
    }

    public function repeatsBare(): bool
    {
        return true;
    }

    public function count(): int
    {
        return $this->count;
    }

    public function times(int $count): self
    {
        return new self(max(1, min(self::MOST, $count)), $this->order, $this->names, $this->lane, $this->strand);
    }

    /**
     * Returns the run on the other side: left and right changed, or, of so many cores, the first and the last.
     */
    public function swapped(int $cores): self
    {
        $strand = null === $this->strand || $cores < $this->strand ? $this->strand : $cores + 1 - $this->strand;

        return new self($this->count, $this->order, $this->names, $this->lane->swapped(), $strand, $this->place());
    }

    /**
     * Returns the run that goes on where this one ends, its names in turn; itself where it ends with the last of them, or
     * where their order is not by turns.
     */
    public function goingOn(): self
    {
        $each = [];
        foreach ($this->names as [$times, $name]) {
            array_push($each, ...array_fill(0, $times, [1, $name]));
        }
        $from = $this->count % max(1, \count($each));
        $turned = [...\array_slice($each, $from), ...\array_slice($each, 0, $from)];
        $byTurns = BeadOrder::ByValue === $this->order || BeadOrder::ByForm === $this->order;

        return 0 === $from || !$byTurns || [] === $turned ? $this : new self(
            $this->count,
            $this->order,
            $turned,
            $this->lane,
            $this->strand,
            $this->place(),
        );
    }

    public function freed(): Group
    {
        return new Group([$this->times(1)], new Fit());
    }
}
