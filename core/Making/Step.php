<?php

declare(strict_types=1);

namespace Rinkel\Core\Making;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Said;

/**
 * One step of the making: what is done, in a sentence and as moves that are counted one by one.
 */
final readonly class Step
{
    /**
     * @param Said                 $said    its sentence
     * @param non-empty-list<Move> $moves   one round of them, in order
     * @param int                  $count   of moves in all: the round is gone through until there are so many
     * @param string|null          $role    of the cord that acts
     * @param Length|null          $from    where on the piece it begins, from the beginning of the body or from its
     *                                      middle
     * @param Length|null          $due     where it ends, as planned; what can be held to the tape
     * @param float|null           $at      where it begins in the drawing of the body, in mm
     * @param float                $along   how far it goes there, in mm, less than nothing to the left
     * @param Said|null            $look    what to look at
     * @param list<Tool>           $tools
     * @param string|null          $lesson  the word of the knot that it ties
     * @param int                  $minutes that it waits
     * @param int                  $half    0 of all; 1 and 2 of halves that are held to each other
     * @param int                  $lane    0; from 1 of ends that are counted each for itself
     */
    public function __construct(
        public Deed $deed,
        public Said $said,
        public array $moves,
        public int $count = 1,
        public ?string $role = null,
        public ?Acting $acting = null,
        public ?Length $from = null,
        public ?Length $due = null,
        public ?float $at = null,
        public float $along = 0.0,
        public ?Said $look = null,
        public array $tools = [],
        public ?string $lesson = null,
        public int $minutes = 0,
        public int $half = 0,
        public int $lane = 0,
    ) {}

    /**
     * @param array<string, \Stringable|int|float|string|list<Said|string>> $values
     * @param list<Tool>                                                    $tools
     */
    public static function plain(
        Deed $deed,
        string $key,
        array $values = [],
        array $tools = [],
        ?string $role = null,
        ?Acting $acting = null,
        ?string $look = null,
        int $count = 1,
    ): self {
        return new self(
            $deed,
            new Said($key, $values),
            [Move::deed()],
            $count,
            $role,
            $acting,
            look: null === $look ? null : new Said($look),
            tools: $tools,
        );
    }

    /**
     * Returns knots that are tied where nothing of the body is measured: of a closure, of an opening.
     *
     * @param array<string, \Stringable|int|float|string|list<Said|string>> $values
     * @param non-empty-list<Move>                                          $moves
     * @param list<Tool>                                                    $tools
     */
    public static function knots(
        string $key,
        array $values,
        array $moves,
        int $count,
        ?string $role = null,
        ?Acting $acting = null,
        ?string $look = null,
        array $tools = [],
    ): self {
        return new self(
            Deed::Tie,
            new Said($key, $values),
            $moves,
            $count,
            $role,
            $acting,
            look: null === $look ? null : new Said($look),
            tools: $tools,
            lesson: $moves[0]->knot,
        );
    }

    public static function wait(string $key, int $minutes): self
    {
        return new self(Deed::Wait, new Said($key, ['minutes' => $minutes]), [Move::deed()], minutes: $minutes);
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
     * Returns where the body's drawing stands after so many of its moves, in mm; null where nothing of it is drawn.
     */
    public function reached(int $moves): ?float
    {
        return null === $this->at ? null : $this->at + $this->along * $moves / max(1, $this->count);
    }

    /**
     * Returns this as the work of one of two halves.
     */
    public function ofHalf(int $half): self
    {
        return new self(
            $this->deed,
            $this->said,
            $this->moves,
            $this->count,
            $this->role,
            $this->acting,
            $this->from,
            $this->due,
            $this->at,
            $this->along,
            $this->look,
            $this->tools,
            $this->lesson,
            $this->minutes,
            $half,
            $this->lane,
        );
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
