<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

/**
 * What a cord is made of, as far as it changes how the cord knots and how its ends are secured.
 *
 * @internal
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

    /** Suede: flat and soft. */
    case Suede = 'suede';

    /** Fibre-type elastic: holds a plain knot. */
    case ElasticBraid = 'elastic-braid';

    /** Clear round elastic: slippery, wants glue. */
    case ElasticClear = 'elastic-clear';

    /**
     * Returns how the cord's real use in a knot compares with the ideal tube's (about ±0.05; judgement, see
     * docs/model.md).
     */
    public function useFactor(): float
    {
        return match (true) {
            self::Leather === $this, self::Suede === $this => 0.97,
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
            self::Leather === $this, self::Suede === $this => 0.95,
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

    /**
     * Returns by which share a cord gives way in a hole (judgement: soft cords a tenth, leather and elastic little).
     */
    public function squeeze(): float
    {
        return match (true) {
            $this->isSoft(), self::Suede === $this => 0.1,
            self::Leather === $this => 0.02,
            default => 0.05,
        };
    }

    public function isWaxed(): bool
    {
        return \in_array($this, [self::Polyester, self::WaxedCotton, self::Linen], true);
    }

    public function isElastic(): bool
    {
        return self::ElasticBraid === $this || self::ElasticClear === $this;
    }

    /**
     * Returns how many grams a cord of this fibre bears for good, 1 mm thick; it goes with the square of the thickness
     * (judgement, far below what breaks it: elastic tires, thin cord is chafed by beads).
     */
    public function bears(): float
    {
        return match ($this) {
            self::ElasticBraid, self::ElasticClear => 60.0,
            self::Silk, self::Cotton, self::Satin => 300.0,
            default => 500.0,
        };
    }

    /**
     * Returns by which share of its length an elastic may be stretched over the hand, zero for others (judgement).
     */
    public function stretch(): float
    {
        return match ($this) {
            self::ElasticBraid => 0.35,
            self::ElasticClear => 0.5,
            default => 0.0,
        };
    }

    /**
     * Returns by which share a ring of this fibre gives when it is pushed over a hand (judgement: soft cords a little).
     */
    public function give(): float
    {
        return $this->isElastic() ? $this->stretch() : ($this->isSoft() ? 0.03 : 0.01);
    }

    /**
     * Returns by which share the fibre makes a loop stiff: so much ease a button wants on its way through (judgement).
     */
    public function stiffness(): float
    {
        return match ($this) {
            self::Leather => 0.12,
            self::Suede => 0.08,
            default => $this->isSoft() ? 0.03 : 0.06,
        };
    }
}
