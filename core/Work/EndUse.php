<?php

declare(strict_types=1);

namespace Rinkel\Core\Work;

use Rinkel\Core\Cutting\Ledger;
use Rinkel\Core\Hand\Made;

/**
 * What an act uses of one end, in mm as expected: what is as long as it is, and what knots take.
 *
 * @internal
 */
final readonly class EndUse
{
    /**
     * @param Made|null $made   what its knots are told by
     * @param int|null  $repeat which repeat it is of that goes on until a length is reached; null of so many
     * @param float     $bare   how much it adds to that length beside its knots
     * @param float     $length how much its knots add
     */
    private function __construct(
        public End $end,
        public float $straight,
        public float $knots,
        public ?Made $made = null,
        public ?int $repeat = null,
        public float $bare = 0.0,
        public float $length = 0.0,
    ) {}

    public static function straight(End $end, float $straight): self
    {
        return new self($end, $straight, 0.0);
    }

    public static function knots(End $end, float $knots, Made $made, float $straight = 0.0): self
    {
        return new self($end, $straight, $knots, $made);
    }

    /**
     * Returns what is repeated until a length is reached.
     *
     * @param float $bare   what it adds to that beside its knots
     * @param float $length what its knots add
     */
    public static function until(
        End $end,
        int $repeat,
        float $straight,
        float $knots,
        ?Made $made,
        float $bare,
        float $length,
    ): self {
        return new self($end, $straight, $knots, $made, $repeat, $bare, $length);
    }

    public function total(): float
    {
        return $this->straight + $this->knots;
    }

    public function times(float $share): self
    {
        return new self(
            $this->end,
            $this->straight * $share,
            $this->knots * $share,
            $this->made,
            $this->repeat,
            $this->bare * $share,
            $this->length * $share,
        );
    }

    public function enter(Ledger $ledger): void
    {
        if (null === $this->repeat) {
            $ledger->exact($this->straight);
            if (null !== $this->made && $this->knots > 0.0) {
                $ledger->count($this->made, $this->knots);
            }

            return;
        }
        $ledger->bare($this->repeat, $this->bare, $this->straight);
        if (null !== $this->made) {
            $ledger->length($this->repeat, $this->made, $this->length, $this->knots);
        }
    }
}
