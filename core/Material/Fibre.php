<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

/**
 * What a cord is made of, as far as it changes how the cord knots and how its ends are secured.
 */
enum Fibre: string
{
    /** Waxed polyester: firm, thin, the usual cord for fine bands. */
    case Polyester = 'polyester';

    /** Braided nylon: firm and slippery. */
    case Nylon = 'nylon';

    /** Satin cord: soft synthetic with a sheen. */
    case Satin = 'satin';

    /** Plain cotton: soft. */
    case Cotton = 'cotton';

    /** Waxed cotton: firm when new. */
    case WaxedCotton = 'waxed-cotton';

    /** Waxed linen: firm. */
    case Linen = 'linen';

    /** Hemp: soft after wear, rough. */
    case Hemp = 'hemp';

    /** Silk: soft and fine. */
    case Silk = 'silk';

    /** Round leather: does not compress much, breaks when jerked. */
    case Leather = 'leather';

    /**
     * Returns how the cord's real use in a knot compares with the ideal tube's (about ±0.05; judgement, see docs/model.md).
     */
    public function useFactor(): float
    {
        return match (true) {
            self::Leather === $this => 0.97,
            $this->isSoft() => 0.88,
            default => 0.95,
        };
    }

    /**
     * Returns how a knot's real length compares with the ideal tube's (about ±0.05; judgement, see docs/model.md).
     */
    public function lengthFactor(): float
    {
        return match (true) {
            self::Leather === $this => 0.95,
            $this->isSoft() => 0.87,
            default => 0.93,
        };
    }

    public function isSoft(): bool
    {
        return match ($this) {
            self::Cotton, self::Hemp, self::Silk, self::Satin => true,
            default => false,
        };
    }

    /**
     * Returns how ends of this fibre are secured (common practice): what melts is singed, what chars is glued.
     */
    public function ending(): Ending
    {
        return match ($this) {
            self::Polyester, self::Nylon, self::Satin => Ending::Singe,
            default => Ending::Glue,
        };
    }
}
