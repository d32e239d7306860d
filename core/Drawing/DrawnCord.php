<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Material\Colour;

/**
 * A cord that lies bare, along its centre line, in mm.
 *
 * @internal
 */
final readonly class DrawnCord
{
    /**
     * @param non-empty-list<Point> $points
     * @param string                $role   which cord of the piece it is
     */
    public function __construct(
        public array $points,
        public float $thickness,
        public Colour $colour,
        public string $role,
    ) {}

    public static function straight(
        float $from,
        float $to,
        float $y,
        float $thickness,
        Colour $colour,
        string $role,
    ): self {
        return new self([new Point($from, $y), new Point($to, $y)], $thickness, $colour, $role);
    }
}
