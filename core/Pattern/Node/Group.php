<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Place;

/**
 * Parts in brackets, repeated: "(1 bead amber, 2 square) x 6", "x fit", "x fit 2", "x 6 alternate".
 *
 * @internal
 */
final readonly class Group extends Leaf implements Bracket, CountedPart
{
    /**
     * @param non-empty-list<Node> $parts
     * @param int|Fit              $times     1 to 2000, or as many as the length allows
     * @param Exchange|null        $exchange  names that change places every second time: "x 6 exchanging amber for sky"
     * @param bool                 $alternate whether left and right, or two colours, change places every time
     */
    public function __construct(
        public array $parts,
        public int|Fit $times = 1,
        public bool $alternate = false,
        ?Place $place = null,
        public ?Exchange $exchange = null,
    ) {
        parent::__construct($place);
        self::hold(\is_int($times) ? $times : 1, 1, self::MOST);
    }

    public function word(): string
    {
        return '(';
    }

    public function __toString(): string
    {
        $inside = implode(', ', $this->parts);
        $isBare = 1 === \count($this->parts) && $this->parts[0]->repeatsBare();

        return ($isBare ? $inside : '('.$inside.')').' x '.$this->times.($this->alternate ? ' alternate' : '')
            .(null === $this->exchange ? '' : ' exchanging '.$this->exchange);
    }

    public function parts(): array
    {
        return $this->parts;
    }

    public function with(array $parts): self
    {
        return new self($parts, $this->times, $this->alternate, exchange: $this->exchange);
    }

    public function fits(): bool
    {
        return $this->times instanceof Fit;
    }

    public function count(): ?int
    {
        return \is_int($this->times) ? $this->times : null;
    }

    public function times(int $count): self
    {
        return new self($this->parts, max(1, min(self::MOST, $count)), $this->alternate, exchange: $this->exchange);
    }

    public function more(int $more): self
    {
        return $this->times instanceof Fit
            ? $this->repeating($this->times->plus($more), $this->alternate)
            : $this->times($this->times + $more);
    }

    public function freed(): self
    {
        return new self($this->parts, new Fit(), $this->alternate, exchange: $this->exchange);
    }

    /**
     * Returns the same with other repeats, or whose sides change or no longer do.
     */
    public function repeating(int|Fit $times, bool $alternate): self
    {
        return new self($this->parts, $times, $alternate, exchange: $this->exchange);
    }

    public function names(): array
    {
        return $this->exchange?->names() ?? [];
    }

    public function named(): Named
    {
        return Named::Either;
    }

    public function bracketed(): array
    {
        return $this->parts;
    }

    public function renamed(callable $rename): Node
    {
        return new self(
            $this->parts,
            $this->times,
            $this->alternate,
            $this->place(),
            $this->exchange?->renamed($rename),
        );
    }
}
