<?php

declare(strict_types=1);

namespace Rinkel\Core\Knot;

/**
 * One kind of knot: its word in the notation, how it is tied, what it measures and takes.
 *
 * Adding one is a class here, its name in KnownKnots, its picture in Drawing\Pictures and its word in the translations.
 */
interface Knot
{
    /**
     * Returns the word of the notation, one or two words in small letters: "square", "half left".
     */
    public function word(): string;

    /**
     * Returns how it is tied; a construction ties the knots of some manners.
     */
    public function manner(): Manner;

    /**
     * Returns how many turns it has when its maker says none, or null when turns are not said of it.
     */
    public function usualTurns(): ?int;

    /**
     * Returns which way a run of it turns: 1 to the left, -1 to the right, 0 when it lies flat.
     */
    public function twist(): int;

    /**
     * Returns the knot that a mirror shows.
     */
    public function mirrored(): self;

    public function tied(TyingContext $ground, Tension $tension): TiedKnot;
}
