<?php

declare(strict_types=1);

namespace Rinkel\Core\Piece;

use Rinkel\Core\Fit\Wearer;
use Rinkel\Core\Measure\Length;

/**
 * Who wears a piece, and how it is to sit.
 */
final readonly class Wearing
{
    /** More wraps than these no arm has room for. */
    public const MOST_WRAPS = 12;

    /**
     * @param Length      $ease   room over the girth; only counts when it was measured snug
     * @param Length|null $length finished length asked for, instead of a fit
     * @param Length|null $drop   how far below the pit of the neck a necklace shall hang, instead of a length
     * @param string|null $whom   it is made for
     *
     * @throws \DomainException If it goes round less than once or more than MOST_WRAPS times; readers tell a maker so
     */
    public function __construct(
        public Wearer $wearer,
        public Length $ease,
        public int $wraps = 1,
        public ?Length $length = null,
        public ?Length $drop = null,
        public ?string $whom = null,
        public bool $forChild = false,
    ) {
        if ($wraps < 1 || $wraps > self::MOST_WRAPS) {
            throw new \DomainException(\sprintf('wraps: %d is not from 1 to %d.', $wraps, self::MOST_WRAPS));
        }
    }

    public function by(Wearer $wearer): self
    {
        return $this->with(['wearer' => $wearer]);
    }

    public function whom(?string $whom): self
    {
        return $this->with(['whom' => $whom]);
    }

    /**
     * Returns the same in a length that was asked for, instead of where it hangs.
     */
    public function ofLength(Length $length): self
    {
        return $this->with(['length' => $length, 'drop' => null]);
    }

    /**
     * Returns the same as long as its wearer is: no length was asked for.
     */
    public function withoutLength(): self
    {
        return null === $this->length ? $this : $this->with(['length' => null]);
    }

    /**
     * @param array<string, mixed> $changed
     */
    private function with(array $changed): self
    {
        /** @phpstan-ignore argument.type (the keys are this class's own property names) */
        return new self(...array_merge(get_object_vars($this), $changed));
    }
}
