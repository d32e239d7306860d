<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Pattern;
use Rinkel\Core\Pattern\Place;

/**
 * One more strand of a necklace, a line of its own that hangs lower than the one before: "below 3 cm (1 overhand,
 * 20 bead sky, 1 overhand)"; on a cord of its own colour "below 3 cm in sea (…)".
 *
 * @internal
 */
final readonly class Below extends Leaf implements Bracket
{
    /** By how much a strand is lowered at a time, in mm. */
    private const STEP = 5.0;

    /**
     * @param Length               $lower than the strand before, in the middle of both
     * @param non-empty-list<Node> $parts
     * @param string|null          $cord  that carries it, where that is said
     */
    public function __construct(
        public Length $lower,
        public array $parts,
        public ?string $cord = null,
        ?Place $place = null,
    ) {
        parent::__construct($place);
    }

    public function word(): string
    {
        return 'below';
    }

    public function __toString(): string
    {
        return $this->written((string) $this->lower, array_map(strval(...), $this->parts));
    }

    public function said(Unit $unit): string
    {
        return $this->written(
            (string) $this->lower->written($unit),
            array_map(static fn (Node $part): string => $part->said($unit), $this->parts),
        );
    }

    public function parts(): array
    {
        return $this->parts;
    }

    public function with(array $parts): self
    {
        return new self($this->lower, $parts, $this->cord);
    }

    /**
     * Returns what lies on it, as a pattern.
     */
    public function line(): Pattern
    {
        return new Pattern($this->parts);
    }

    public function names(): array
    {
        return null === $this->cord ? [] : [$this->cord];
    }

    public function named(): Named
    {
        return Named::Cords;
    }

    public function bracketed(): array
    {
        return [$this];
    }

    public function renamed(callable $rename): Node
    {
        return null === $this->cord
            ? $this
            : $this->on($rename($this->cord, 0));
    }

    public function more(int $more): self
    {
        return $this->lowered(Length::ofMillimetres(self::STEP * $more));
    }

    /**
     * Returns the same, lower by $more, 5 mm at least.
     */
    public function lowered(Length $more): self
    {
        return new self(
            Length::longest(Length::ofMillimetres(5), $this->lower->plus($more)),
            $this->parts,
            $this->cord,
            $this->place(),
        );
    }

    /**
     * Returns the same on another cord.
     */
    public function on(string $cord): self
    {
        return new self($this->lower, $this->parts, $cord, $this->place());
    }

    /**
     * @param list<string> $parts
     */
    private function written(string $lower, array $parts): string
    {
        return 'below '.$lower.(null === $this->cord ? '' : ' in '.$this->cord).' ('.implode(', ', $parts).')';
    }
}
