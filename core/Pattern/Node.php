<?php

declare(strict_types=1);

namespace Rinkel\Core\Pattern;

use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Pattern\Node\Named;

/**
 * One part of a pattern: data with a place in the text it was read from, that writes itself and says what it names.
 * Reading it and setting it on a line is done elsewhere.
 *
 * @internal
 */
interface Node extends \Stringable
{
    /**
     * Returns where the node was read, or null when it was made.
     */
    public function place(): ?Place;

    /**
     * Returns the word of the notation that it begins with, after its number: "bead", "half left".
     */
    public function word(): string;

    /**
     * Returns the text that parses back to an equal node, in one canonical writing.
     */
    public function __toString(): string;

    /**
     * Returns the same text with its lengths in $unit, to be read by people.
     */
    public function said(Unit $unit): string;

    /**
     * Returns the names that it says, in order: of beads, findings or a cord.
     *
     * @return list<string>
     */
    public function names(): array;

    /**
     * Returns what these names are.
     */
    public function named(): Named;

    /**
     * Returns whether they have their place whatever the order of the beads around them.
     */
    public function isPlaced(): bool;

    /**
     * Returns it with $more of it: knots, beads, repeats, or so many steps lower; as it is where there is one only.
     */
    public function more(int $more): self;

    /**
     * Returns what stands for it with brackets around it; of brackets, what is in them.
     *
     * @return non-empty-list<self>
     */
    public function bracketed(): array;

    /**
     * Returns it with each name as $rename says.
     *
     * @param callable(string, int): string $rename takes a name and which it is, from 0
     */
    public function renamed(callable $rename): self;

    /**
     * Returns whether it can be repeated without brackets: "2 square x fit".
     */
    public function repeatsBare(): bool;

    /**
     * Returns whether it can stand alone in the middle of a mirrored pattern.
     */
    public function isMiddle(): bool;

    /**
     * Returns whether how long it is follows from the measure; what lies inside it says so itself.
     */
    public function fits(): bool;

    /**
     * Returns whether it has a middle of its own, which the piece shows.
     */
    public function isPointed(): bool;
}
