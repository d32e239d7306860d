<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing\Picture;

use Rinkel\Core\Drawing\Course;
use Rinkel\Core\Drawing\KnotPicture;
use Rinkel\Core\Drawing\KnotRun;
use Rinkel\Core\Drawing\Motif;
use Rinkel\Core\Drawing\Placed;
use Rinkel\Core\Drawing\Pose;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Knot\Kind\DrawnKnot;
use Rinkel\Core\Knot\PulledKnot;

/**
 * A knot of somebody's own, as it lay when it was pulled tight.
 *
 * @internal
 */
final class DrawnPicture implements KnotPicture
{
    /** Levels that one diameter of depth is drawn in. */
    private const LEVELS = 4;

    private ?Motif $drawn = null;

    public function __construct(private readonly DrawnKnot $knot) {}

    public function placed(KnotRun $run): array
    {
        $motif = $this->drawn ??= new Motif(
            'own-'.bin2hex($this->knot->word()),
            [self::course('first', $this->knot->pulled)->strand()],
            $this->knot->pulled->length,
        );

        return [
            new Placed(
                $motif,
                new Pose(x: $run->x, y: $run->y, scale: $run->knot->extent->length->millimetres / $motif->length),
                $run->cord->colour,
                $run->role,
            ),
        ];
    }

    /**
     * Returns the way of the tight cord, along the piece from where the knot begins.
     */
    public static function course(string $name, PulledKnot $pulled): Course
    {
        $levels = [];
        for ($i = 1, $n = \count($pulled->way); $i < $n; ++$i) {
            $levels[] = (int) round(self::LEVELS * ($pulled->way[$i - 1][1] + $pulled->way[$i][1]) / 2);
        }
        $points = array_map(static fn (array $point): Point => new Point($point[2], $point[0]), $pulled->way);

        return Course::of($name, [] === $points ? [new Point(0, 0)] : $points, $levels);
    }
}
