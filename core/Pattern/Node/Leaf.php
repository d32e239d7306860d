<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern\Node;

use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Node;
use Rinkel\Core\Pattern\Place;

/**
 * What is so for most parts: they name nothing, are repeated in brackets and are no middle.
 *
 * @internal
 */
abstract readonly class Leaf implements Node
{
    public function __construct(private ?Place $place = null) {}

    /**
     * Holds a bound that the class states; whoever reads a pattern asks first.
     */
    final protected static function hold(int $number, int $least, int $most): void
    {
        if ($number < $least || $number > $most) {
            throw new \DomainException(\sprintf('%d is not from %d to %d.', $number, $least, $most));
        }
    }

    public function place(): ?Place
    {
        return $this->place;
    }

    public function said(Unit $unit): string
    {
        return (string) $this;
    }

    public function names(): array
    {
        return [];
    }

    public function named(): Named
    {
        return Named::Beads;
    }

    public function isPlaced(): bool
    {
        return false;
    }

    public function more(int $more): Node
    {
        return $this;
    }

    public function bracketed(): array
    {
        return [$this->isMiddle() ? $this : new Group([$this], 2)];
    }

    public function renamed(callable $rename): Node
    {
        return $this;
    }

    public function repeatsBare(): bool
    {
        return false;
    }

    public function isMiddle(): bool
    {
        return false;
    }

    public function fits(): bool
    {
        return false;
    }

    public function isPointed(): bool
    {
        return false;
    }
}
