<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Knot\Knot;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Place;

/**
 * A run of knots of one kind: "6 square", "42 half left", "1 barrel 3".
 *
 * @internal
 */
final readonly class Knots extends Leaf implements CountedPart
{
    use ByNumber;

    /** Fewest and most that are said. */
    public const WRAPS = [2, 5];

    /**
     * @param int         $count 1 to 2000
     * @param int|null    $wraps of a knot whose turns are given, 2 to 5
     * @param string|null $cord  the pair of working cords that ties them, where there are several
     * @param bool        $fills whether there may be more or fewer, to take what the length leaves: "6 square fill"
     */
    public function __construct(
        public int $count,
        public Knot $kind,
        public ?int $wraps = null,
        public ?string $cord = null,
        ?Place $place = null,
        public bool $fills = false,
    ) {
        parent::__construct($place);
        self::hold($count, 1, self::MOST);
        self::hold($wraps ?? self::WRAPS[0], ...self::WRAPS);
    }

    public function word(): string
    {
        return $this->kind->word();
    }

    public function __toString(): string
    {
        $turns = $this->kind->usualTurns();

        return $this->count.' '.$this->kind->word()
            .(null === $turns ? '' : ' '.($this->wraps ?? $turns))
            .(null === $this->cord ? '' : ' in '.$this->cord)
            .($this->fills ? ' fill' : '');
    }

    public function names(): array
    {
        return null === $this->cord ? [] : [$this->cord];
    }

    public function named(): Named
    {
        return Named::Cords;
    }

    public function renamed(callable $rename): Node
    {
        return null === $this->cord ? $this : new self(
            $this->count,
            $this->kind,
            $this->wraps,
            $rename($this->cord, 0),
            fills: $this->fills,
        );
    }

    public function repeatsBare(): bool
    {
        return !$this->fills;
    }

    public function count(): int
    {
        return $this->count;
    }

    public function times(int $count): self
    {
        return new self(
            max(1, min(self::MOST, $count)),
            $this->kind,
            $this->wraps,
            $this->cord,
            fills: $this->fills,
        );
    }

    /**
     * Returns the same run, that may have more or fewer knots or has just so many.
     */
    public function filling(bool $fills): self
    {
        return new self($this->count, $this->kind, $this->wraps, $this->cord, $this->place(), $fills);
    }

    public function freed(): Group
    {
        return new Group([$this->filling(false)->times(1)], new Fit());
    }

    public function fits(): bool
    {
        return $this->fills;
    }
}
