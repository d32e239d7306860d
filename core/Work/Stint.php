<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

use Rinkel\Core\Measure\Length;

/**
 * How much is done in one act: its moves, what they take and what they add to the piece.
 */
final readonly class Stint
{
    /** @var non-empty-list<Move> */
    public array $moves;

    /**
     * @param list<Move>   $moves  one round of them, in order; all of it is one when none
     * @param int          $count  of moves in all: the round is gone through until there are so many
     * @param string|null  $knot   its word
     * @param list<string> $things beads and findings that it takes, by name, in order
     * @param list<EndUse> $takes
     * @param Length|null  $adds   to the line, of what is called $what there
     * @param bool         $grows  whether towards the beginning of the piece
     */
    public function __construct(
        array $moves = [],
        public int $count = 1,
        public ?string $knot = null,
        public array $things = [],
        public array $takes = [],
        public ?Length $adds = null,
        public ?string $what = null,
        public bool $grows = false,
    ) {
        $this->moves = [] === $moves ? [Move::deed()] : $moves;
    }

    /**
     * Returns the move of the $i-th tap, from 0.
     */
    public function move(int $i): Move
    {
        return $this->moves[$i % \count($this->moves)] ?? $this->moves[0];
    }

    /**
     * @return array<string, float> knots that it ties, by word
     */
    public function ties(): array
    {
        $knots = [];
        foreach ($this->each() as $move) {
            if (null !== $move->knot) {
                $knots[$move->knot] = ($knots[$move->knot] ?? 0.0) + $move->share;
            }
        }

        return $knots;
    }

    /**
     * @return array<string, int> beads that it takes, by name
     */
    public function beads(): array
    {
        $beads = [];
        foreach ($this->each() as $move) {
            if (null !== $move->bead) {
                $beads[$move->bead->name] = ($beads[$move->bead->name] ?? 0) + 1;
            }
        }

        return $beads;
    }

    /**
     * @return iterable<Move>
     */
    private function each(): iterable
    {
        for ($i = 0; $i < $this->count; ++$i) {
            yield $this->move($i);
        }
    }
}
