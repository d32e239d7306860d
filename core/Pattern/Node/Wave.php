<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Place;

/**
 * A wave of two arms: "wave 4 round / seed", "wave 4 round / 5 seed". Each step has a round bead on the core and seed
 * beads outside.
 *
 * @internal
 */
final readonly class Wave extends Leaf implements CountedPart
{
    use ByNumber;

    public const MOST_STEPS = 40;
    public const MOST_SEEDS = 60;

    /**
     * @param int      $steps 1 to 40
     * @param string   $round bead on the core
     * @param string   $seed  bead on the outside
     * @param int|null $seeds how many a step, 1 to 60, null for as many as go around the round
     */
    public function __construct(
        public int $steps,
        public string $round,
        public string $seed,
        public ?int $seeds = null,
        ?Place $place = null,
    ) {
        parent::__construct($place);
        self::hold($steps, 1, self::MOST_STEPS);
        self::hold($seeds ?? 1, 1, self::MOST_SEEDS);
    }

    public function word(): string
    {
        return 'wave';
    }

    public function __toString(): string
    {
        return 'wave '.$this->steps.' '.$this->round.' / '.(null === $this->seeds ? '' : $this->seeds.' ').$this->seed;
    }

    public function names(): array
    {
        return [$this->round, $this->seed];
    }

    public function renamed(callable $rename): Node
    {
        return new self($this->steps, $rename($this->round, 0), $rename($this->seed, 1), $this->seeds);
    }

    public function repeatsBare(): bool
    {
        return true;
    }

    public function count(): int
    {
        return $this->steps;
    }

    public function times(int $count): self
    {
        return new self(max(1, min(self::MOST_STEPS, $count)), $this->round, $this->seed, $this->seeds);
    }

    public function freed(): ?Group
    {
        return null;
    }
}
