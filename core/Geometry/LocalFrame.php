<?php

declare(strict_types=1);

namespace Rinkel\Core\Geometry;

/**
 * How a line lies at one of its points, as it is seen: where a step along it and a step beside it lead on the drawing.
 *
 * @internal
 */
final readonly class LocalFrame
{
    /** What is seen end on still shows its thickness: so much of its length, at least (judgement). */
    private const EDGE = 0.18;

    /**
     * @param Point $along  where a step of 1 along the line leads
     * @param Point $beside where a step of 1 beside it leads
     * @param float $tilt   how much of its length is seen, 1 where the line lies across the sight
     * @param bool  $faces  whether it is on the side that is seen
     */
    public function __construct(
        public Point $along,
        public Point $beside,
        public float $tilt = 1.0,
        public bool $faces = true,
    ) {}

    /**
     * @param float $turn in radians, clockwise from straight to the right
     */
    public static function turned(float $turn): self
    {
        return new self(new Point(cos($turn), sin($turn)), new Point(-sin($turn), cos($turn)));
    }

    /**
     * Returns the linear map that lays a picture there: a, b, c and d of an SVG matrix.
     *
     * @return array{float, float, float, float}
     */
    public function matrix(): array
    {
        return $this->stretched(max($this->tilt, self::EDGE));
    }

    /**
     * Returns the map for something round, so long and so thick: an ellipsoid seen aslant, which end on is as wide as
     * it
     * is thick.
     *
     * @return array{float, float, float, float}
     */
    public function round(float $length, float $thickness): array
    {
        $end = $length > 0 ? $thickness / $length : 1.0;

        return $this->stretched(sqrt($this->tilt ** 2 + (1 - $this->tilt ** 2) * $end ** 2));
    }

    /**
     * @return array{float, float, float, float}
     */
    private function stretched(float $seen): array
    {
        $by = $seen / max(1e-9, hypot($this->along->x, $this->along->y));

        return [$by * $this->along->x, $by * $this->along->y, $this->beside->x, $this->beside->y];
    }
}
