<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight;

/**
 * The stretch that repeats along z: its length, by how much each is turned against the one before, and what may change.
 *
 * @internal
 */
final readonly class Cell
{
    /**
     * @param float $pitch   length, in diameters; 0 where nothing repeats
     * @param float $twist   turn to the next, in radians
     * @param bool  $isFree  whether its length is found
     * @param bool  $mayTurn whether its turn is found
     * @param float $push    force along it that presses the knots together, in tensions of one cord
     */
    private function __construct(
        public float $pitch,
        public float $twist = 0.0,
        public bool $isFree = true,
        public bool $mayTurn = false,
        public float $push = 0.0,
    ) {}

    public static function none(): self
    {
        return new self(0.0, isFree: false);
    }

    /**
     * Returns one of a flat sinnet, which does not turn.
     */
    public static function straight(float $pitch, float $push = 0.0): self
    {
        return new self(self::positive($pitch), push: $push);
    }

    /**
     * Returns one that turns as it likes.
     */
    public static function turning(float $pitch, float $twist = 0.0, float $push = 0.0): self
    {
        return new self(self::positive($pitch), $twist, mayTurn: true, push: $push);
    }

    /**
     * Returns this one at a length that is given from now on.
     */
    public function fixed(float $pitch): self
    {
        return new self(self::positive($pitch), $this->twist, false, $this->mayTurn, $this->push);
    }

    public function found(float $pitch, float $twist): self
    {
        return new self($pitch, $twist, $this->isFree, $this->mayTurn, $this->push);
    }

    public function repeats(): bool
    {
        return $this->pitch > 0;
    }

    /**
     * Returns where a point lies so many cells on.
     *
     * @param array{float, float, float} $point
     *
     * @return array{float, float, float}
     */
    public function image(array $point, int $cells): array
    {
        [$cos, $sin] = [cos($cells * $this->twist), sin($cells * $this->twist)];

        return [
            $cos * $point[0] - $sin * $point[1],
            $sin * $point[0] + $cos * $point[1],
            $point[2] + $cells * $this->pitch,
        ];
    }

    private static function positive(float $pitch): float
    {
        return $pitch > 0 ? $pitch : throw new \InvalidArgumentException('A cell has a length.');
    }
}
