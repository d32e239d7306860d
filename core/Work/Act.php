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
    /**
     * @param Message $said its sentence
     */
    public function __construct(
        public ActKind $does,
        public Part $part,
        public Message $said,
        public Stint $stint = new Stint(),
        public Grip $grip = new Grip(),
        public EndCare $care = new EndCare(),
        public Spot $spot = new Spot(),
        public Advice $advice = new Advice(),
    ) {}

    /**
     * Returns by what one act is told from another to a maker, but for how far the work has come by then.
     */
    public function told(): string
    {
        $said = null === $this->spot->due ? $this->said : $this->said->without('due');

        return $this->grip->lane.' '.$this->grip->half.' '.$said;
    }

    /**
     * Returns the same at another place of the body; what adds nothing to it has none.
     */
    public function placed(Length $from, Length $due, float $at): self
    {
        return null === $this->spot->due ? $this : $this->with(spot: $this->spot->placed($from, $due, $at));
    }

    /**
     * Returns the same with its lengths along the half that it is of so many times as long, and what it says of the
     * whole body so much longer.
     */
    public function followed(float $times, Length $longer): self
    {
        $move = fn (string $name, Length $length): Length => match (true) {
            2 === $this->grip->half => $length->times($times),
            ActKind::Try === $this->does && \in_array($name, ['body', 'worn'], true) => $length->plus($longer),
            default => $length,
        };
        $values = $this->said->values;
        foreach (['due', 'body', 'worn'] as $name) {
            if (($values[$name] ?? null) instanceof Length) {
                $values[$name] = $move($name, $values[$name]);
            }
        }

        return $this->with(new Message($this->said->key, ['real' => 'yes'] + $values), $this->spot->moved($move));
    }

    /**
     * Returns the same with other things to look at.
     *
     * @param list<Message> $looks
     */
    public function looked(array $looks): self
    {
        return $this->with(advice: new Advice($looks, $this->advice->tools, $this->advice->lesson));
    }

    /**
     * Returns for how many minutes it waits.
     */
    public function minutes(): int
    {
        return $this->care->cure?->minutes() ?? 0;
    }

    /**
     * Returns where the body's drawing stands after so many of its moves, in mm; null where nothing of it is drawn.
     */
    public function reached(int $moves): ?float
    {
        return null === $this->spot->at
            ? null
            : $this->spot->at + $this->spot->along * $moves / max(1, $this->stint->count);
    }

    private function with(?Message $said = null, ?Spot $spot = null, ?Advice $advice = null): self
    {
        return new self(
            $this->does,
            $this->part,
            $said ?? $this->said,
            $this->stint,
            $this->grip,
            $this->care,
            $spot ?? $this->spot,
            $advice ?? $this->advice,
        );
    }
}
