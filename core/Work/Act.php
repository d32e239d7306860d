<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Message;

/**
 * One thing that hands do: with which ends, around or through what, from which visible place, what it makes and what it
 * takes of each end; said in a sentence of just these, and as moves that are counted one by one.
 *
 * A run of the same is one act with a count. Lengths lie between two landmarks that are there when it is done.
 */
final readonly class Act
{
    /** @var non-empty-list<Move> */
    public array $moves;

    /**
     * @param Message               $said    its sentence
     * @param list<Move>            $moves   one round of them, in order; all of it is one when none
     * @param int                   $count   of moves in all: the round is gone through until there are so many
     * @param string|null           $role    of the cord that acts
     * @param list<End>             $by      that do it
     * @param list<End>             $around  that it is done around
     * @param list<End>             $through that go through something
     * @param list<string>          $things  beads and findings that it takes, by name, in order
     * @param list<Spent>           $takes
     * @param Length|null           $adds    to the line, of what is called $what there
     * @param bool                  $grows   whether towards the beginning of the piece
     * @param list<Landmark>        $marks   that it is measured from
     * @param list<Landmark>        $makes
     * @param array<string, Length> $sizes   lengths that its sentence names: "distance", "leaves", "body",
     *                                       "size", "worn", "opens", "reach"; any other is a figure
     * @param list<WorkCord>        $cords   that it cuts
     * @param list<End>             $ends    that it trims, secures or frays
     * @param How|null              $how     it secures them
     * @param array<string, string> $endsAs  what becomes of ends, by their ids
     * @param string|null           $knot    its word
     * @param Length|null           $from    where on the piece it begins, from the beginning of the body or
     *                                       from its middle
     * @param Length|null           $due     where it ends, as planned; what can be held to the tape
     * @param float|null            $at      where it begins in the drawing of the body, in mm
     * @param float                 $along   how far it goes there, in mm, less than nothing to the left
     * @param list<Message>         $looks   what to look at, and to take care of
     * @param list<Tool>            $tools
     * @param string|null           $lesson  that teaches it
     * @param Cure|null             $cure    that it waits for
     * @param int                   $half    0 of all; 1 and 2 of halves that are held to each other
     * @param int                   $lane    0; from 1 of ends that are counted each for itself
     */
    public function __construct(
        public Does $does,
        public Part $part,
        public Message $said,
        array $moves = [],
        public int $count = 1,
        public ?string $role = null,
        public ?Acting $acting = null,
        public array $by = [],
        public array $around = [],
        public array $through = [],
        public array $things = [],
        public array $takes = [],
        public ?Length $adds = null,
        public ?string $what = null,
        public bool $grows = false,
        public array $marks = [],
        public array $makes = [],
        public array $sizes = [],
        public array $cords = [],
        public array $ends = [],
        public ?How $how = null,
        public array $endsAs = [],
        public ?string $knot = null,
        public ?Length $from = null,
        public ?Length $due = null,
        public ?float $at = null,
        public float $along = 0.0,
        public array $looks = [],
        public array $tools = [],
        public ?string $lesson = null,
        public ?Cure $cure = null,
        public int $half = 0,
        public int $lane = 0,
    ) {
        $this->moves = [] === $moves ? [Move::deed()] : $moves;
    }

    /**
     * Returns by what one act is told from another to a maker, but for how far the work has come by then.
     */
    public function told(): string
    {
        $said = null === $this->due ? $this->said : $this->said->without('due');

        return $this->lane.' '.$this->half.' '.$said;
    }

    /**
     * Returns the same at another place of the body; what adds nothing to it has none.
     */
    public function placed(Length $from, Length $due, float $at): self
    {
        return null === $this->due ? $this : $this->changed($this->said, $this->sizes, $from, $due, $at);
    }

    /**
     * Returns the same with its lengths along the half that it is of so many times as long, and what it says of the
     * whole body so much longer.
     */
    public function followed(float $times, Length $longer): self
    {
        $move = fn (string $name, Length $length): Length => match (true) {
            2 === $this->half => $length->times($times),
            Does::Try === $this->does && \in_array($name, ['body', 'worn'], true) => $length->plus($longer),
            default => $length,
        };
        $values = $this->said->values;
        foreach (['due', 'body', 'worn'] as $name) {
            if (($values[$name] ?? null) instanceof Length) {
                $values[$name] = $move($name, $values[$name]);
            }
        }
        $sizes = $this->sizes;
        foreach (array_intersect_key($sizes, ['body' => true, 'worn' => true]) as $name => $length) {
            $sizes[$name] = $move($name, $length);
        }

        return $this->changed(
            new Message($this->said->key, ['real' => 'yes'] + $values),
            $sizes,
            null === $this->from ? null : $move('from', $this->from),
            null === $this->due ? null : $move('due', $this->due),
            $this->at,
        );
    }

    /**
     * Returns the same with other things to look at.
     *
     * @param list<Message> $looks
     */
    public function looked(array $looks): self
    {
        return $this->changed($this->said, $this->sizes, $this->from, $this->due, $this->at, $looks);
    }

    /**
     * Returns the move of the $i-th tap, from 0.
     */
    public function move(int $i): Move
    {
        return $this->moves[$i % \count($this->moves)] ?? $this->moves[0];
    }

    /**
     * Returns for how many minutes it waits.
     */
    public function minutes(): int
    {
        return $this->cure?->minutes() ?? 0;
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
     * @return iterable<Move>
     */
    private function each(): iterable
    {
        for ($i = 0; $i < $this->count; ++$i) {
            yield $this->move($i);
        }
    }

    /**
     * @param array<string, Length> $sizes
     * @param list<Message>|null    $looks
     */
    private function changed(
        Message $said,
        array $sizes,
        ?Length $from,
        ?Length $due,
        ?float $at,
        ?array $looks = null,
    ): self {
        return new self(
            $this->does,
            $this->part,
            $said,
            moves: $this->moves,
            count: $this->count,
            role: $this->role,
            acting: $this->acting,
            by: $this->by,
            around: $this->around,
            through: $this->through,
            things: $this->things,
            takes: $this->takes,
            adds: $this->adds,
            what: $this->what,
            grows: $this->grows,
            marks: $this->marks,
            makes: $this->makes,
            sizes: $sizes,
            cords: $this->cords,
            ends: $this->ends,
            how: $this->how,
            endsAs: $this->endsAs,
            knot: $this->knot,
            from: $from,
            due: $due,
            at: $at,
            along: $this->along,
            looks: $looks ?? $this->looks,
            tools: $this->tools,
            lesson: $this->lesson,
            cure: $this->cure,
            half: $this->half,
            lane: $this->lane,
        );
    }
}
