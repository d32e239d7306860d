<?php

declare(strict_types=1);

namespace Rinkel\Core\Lesson;

use Rinkel\Core\Knot\Side;

/**
 * One step of a lesson: how far each end has travelled, which hand leads it, and where to pull.
 *
 * @internal
 */
final readonly class Frame
{
    /**
     * @param array<string, float> $reached how far cords have come, in diameters; 0 of one that is not there yet; whole
     *                                      of all that are not named
     * @param string|null          $moves   the cord whose end moves
     * @param Side|null            $hand    that leads it
     * @param list<Pull>           $pulls
     * @param float                $tight   from open, 0, to as it is tied, 1
     * @param list<Thing>          $things
     * @param string|null          $says    which sentence of the translations, where it is none of its own
     */
    public function __construct(
        public array $reached = [],
        public ?string $moves = null,
        public ?Side $hand = null,
        public array $pulls = [],
        public float $tight = 0.0,
        public array $things = [],
        public ?string $says = null,
    ) {}

    public function mirrored(): self
    {
        return new self(
            $this->reached,
            $this->moves,
            $this->hand?->other(),
            $this->pulls,
            $this->tight,
            array_map(static fn (Thing $thing): Thing => $thing->mirrored(), $this->things),
            $this->says,
        );
    }
}
