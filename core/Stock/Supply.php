<?php

declare(strict_types=1);

namespace Rinkel\Core\Stock;

use Rinkel\Core\Measure\Length;

/**
 * A piece of cord in stock: an offcut, exact, or a spool, with about so much left.
 *
 * @internal
 */
final readonly class Supply
{
    /** What nobody counts on of a spool whose length is known roughly: a share, and mm (judgement). */
    private const RESERVE = 0.05;
    private const LEAST = 100.0;

    private function __construct(
        public string $id,
        public ?Length $length,
        public bool $isSpool,
    ) {}

    public static function offcut(string $id, Length $length): self
    {
        return new self($id, $length, false);
    }

    /**
     * @param Length|null $about null where nobody knows: then there is enough
     */
    public static function spool(string $id, ?Length $about): self
    {
        return new self($id, $about, true);
    }

    /**
     * Returns how much can be cut from it for certain when $left is left of it: all of an offcut, of a spool without a
     * reserve, as what one knows of that is about right.
     */
    public function sure(Length $left): Length
    {
        if (!$this->isSpool || null === $this->length) {
            return $left;
        }
        $reserve = Length::longest($this->length->times(self::RESERVE), Length::ofMillimetres(self::LEAST));

        return Length::longest(Length::zero(), $left->minus($reserve));
    }

    /**
     * Returns what is left of it once so much was cut off; never less than nothing.
     */
    public function without(?Length $cut): self
    {
        return null === $cut || null === $this->length
            ? $this
            : new self($this->id, Length::longest(Length::zero(), $this->length->minus($cut)), $this->isSpool);
    }

    /**
     * Returns how much a new spool has to have of which $length can be cut for certain.
     */
    public static function giving(Length $length): Length
    {
        return $length->isZero() ? $length : Length::longest(
            $length->times(1 / (1 - self::RESERVE)),
            $length->plus(Length::ofMillimetres(self::LEAST)),
        );
    }
}
