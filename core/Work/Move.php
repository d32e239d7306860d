<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

use Rinkel\Core\Knot\Side;

/**
 * What is done between two taps: a half knot, a knot, a bead, or what the step says as a whole.
 *
 * @internal
 */
final readonly class Move
{
    /**
     * @param string|null $knot  its word, of a move that ties
     * @param float       $share of that knot: 0.5 of a half of a square knot
     * @param Side|null   $side  from which it is tied, where that matters
     */
    private function __construct(
        public ?string $knot,
        public float $share,
        public ?Side $side,
        public ?StrungBead $bead,
    ) {}

    public static function knot(string $word, ?Side $side = null, float $share = 1.0): self
    {
        return new self($word, $share, $side, null);
    }

    public static function half(string $word, Side $side): self
    {
        return new self($word, 0.5, $side, null);
    }

    public static function bead(StrungBead $bead): self
    {
        return new self(null, 0.0, null, $bead);
    }

    /**
     * Returns by what moves are told that make the same of a piece.
     */
    public function told(): string
    {
        return implode(' ', [
            $this->knot ?? '',
            $this->side->value ?? '',
            $this->bead->name ?? '',
            $this->bead?->lane->value ?? '',
            $this->bead->letter ?? '',
            $this->bead->strand ?? '',
        ]);
    }

    public static function deed(): self
    {
        /** @var self|null $deed */
        static $deed = null;

        return $deed ??= new self(null, 0.0, null, null);
    }
}
