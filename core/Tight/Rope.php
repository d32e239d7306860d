<?php

declare(strict_types=1);

namespace Rinkel\Core\Tight;

/**
 * One cord as a chain of beads: the middle line of a tube.
 *
 * All is measured in diameters of a cord whose diameter is 1; a repeating rope goes up along z.
 *
 * @internal
 */
final readonly class Rope
{
    private const FEWEST = 4;

    /**
     * @param non-empty-list<array{float, float, float}> $points x, y, z; of a ring or a repeating rope without the last
     */
    private function __construct(public array $points, public Ends $ends, public float $diameter) {}

    /**
     * @param list<array{float, float, float}> $points
     */
    public static function through(array $points, Ends $ends, float $diameter = 1.0): self
    {
        return \count($points) >= self::FEWEST && $diameter > 0
            ? new self($points, $ends, $diameter)
            : throw new \InvalidArgumentException('A rope has a thickness and at least four beads.');
    }

    /**
     * Returns the same rope with its beads elsewhere.
     *
     * @param non-empty-list<array{float, float, float}> $points
     */
    public function along(array $points): self
    {
        return new self($points, $this->ends, $this->diameter);
    }

    /**
     * Returns all of its points and the one it goes on to, if it does.
     *
     * @return non-empty-list<array{float, float, float}>
     */
    public function whole(Cell $cell): array
    {
        return match ($this->ends) {
            Ends::Held => $this->points,
            Ends::Joined => [...$this->points, $this->points[0]],
            Ends::Repeats => [...$this->points, $cell->image($this->points[0], 1)],
        };
    }

    public function length(Cell $cell): float
    {
        $length = 0.0;
        $before = null;
        foreach ($this->whole($cell) as $point) {
            $length += null !== $before ? self::between($before, $point) : 0.0;
            $before = $point;
        }

        return $length;
    }

    /**
     * @param array{float, float, float} $a
     * @param array{float, float, float} $b
     */
    public static function between(array $a, array $b): float
    {
        return sqrt(($a[0] - $b[0]) ** 2 + ($a[1] - $b[1]) ** 2 + ($a[2] - $b[2]) ** 2);
    }
}
