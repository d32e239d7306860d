<?php

declare(strict_types=1);

namespace Rinkel\Core\Line;

use Rinkel\Core\Measure\Length;

/**
 * What one cord (or one half of a folded one) gives up: what runs straight along the piece, and what knots consume.
 *
 * @internal
 */
final readonly class Take
{
    public function __construct(
        public Length $straight,
        public Length $knots,
    ) {}

    public static function none(): self
    {
        return new self(Length::zero(), Length::zero());
    }

    public static function straight(Length $length): self
    {
        return new self($length, Length::zero());
    }

    public static function knots(Length $length): self
    {
        return new self(Length::zero(), $length);
    }

    /**
     * Returns the same knots with another straight run.
     */
    public function along(Length $straight): self
    {
        return new self($straight, $this->knots);
    }

    public function plus(self $other): self
    {
        return new self($this->straight->plus($other->straight), $this->knots->plus($other->knots));
    }

    public function times(float $factor): self
    {
        return new self($this->straight->times($factor), $this->knots->times($factor));
    }

    public function total(): Length
    {
        return $this->straight->plus($this->knots);
    }

    public function ties(): bool
    {
        return !$this->knots->isZero();
    }
}
