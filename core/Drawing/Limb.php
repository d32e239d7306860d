<?php

declare(strict_types=1);

namespace Rinkel\Core\Drawing;

use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Fit\Wearer;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Geometry\WoundPath;

/**
 * An arm with its hand or a leg with its foot, lying to the right, as it is seen when it is turned: the wrist or ankle
 * is at 0, all in mm. It is a picture, not a measure: only the girths of the wearer are true, the rest follows from
 * them
 * in proportions of a grown hand and foot (from memory).
 *
 * @internal
 */
final readonly class Limb
{
    /** Up to where it is drawn, in widths of the wrist or ankle. */
    private const FAR = 6.0;

    /** Further up than is measured, the limb widens by so much of its width for each width (from memory, about). */
    private const WIDENS = 0.11;

    /** @var array{list<Point>, list<Point>} outline of arm and palm, or leg: its upper line, the lower one back */
    public array $outline;

    /** @var list<array{list<Point>, float}> fingers, thumb and foot, each a line with its thickness */
    public array $rounds;

    /**
     * @param float $wound how far to the left what is worn reaches, in mm
     * @param float $turn  in radians
     * @param bool  $right whether it is the right one: the thumb lies on the other side
     */
    public function __construct(Wearer $wearer, float $wound, float $turn, bool $right = false)
    {
        $ratio = $wearer->place->ratio();
        $girth = $wearer->skin()->millimetres;
        $wide = WoundPath::half($girth, $ratio, 0.0);
        $high = WoundPath::half($girth, $ratio, \M_PI / 2);
        $rise = null === $wearer->upper || null === $wearer->upperAt || $wearer->upperAt->isZero()
            ? 0.0
            : max(0.0, $wearer->upper->minus($wearer->girth)->ratioTo($wearer->upperAt)) / $girth;
        $isArm = BodyPlace::Ankle !== $wearer->place;
        $stations = $isArm
            ? self::palm($wide, $high, $wearer->handGirth()->millimetres)
            : self::heel($wide, $high);
        for ($x = 0.0; $x < self::FAR; $x += 0.5) {
            $beyond = max(0.0, 2 * $x * $wide - $wound) / $wide / 2;
            $by = 1 + $rise * min(2 * $x * $wide, $wound) + (self::WIDENS + $rise * $wide) * $beyond;
            array_unshift($stations, [-2 * $x * $wide, $by * $wide, $by * $high]);
        }
        $upper = array_map(
            static fn (array $at): Point => new Point($at[0], -hypot($at[1] * cos($turn), $at[2] * sin($turn))),
            $stations,
        );
        $lower = array_map(static fn (Point $point): Point => new Point($point->x, -$point->y), array_reverse($upper));
        $this->outline = [$upper, $lower];
        $this->rounds = $isArm
            ? self::fingers($wide, $wearer->handGirth()->millimetres, ($right ? -1 : 1) * cos($turn))
            : self::foot($wide, cos($turn));
    }

    /**
     * @return list<array{float, float, float}> where, half its width and half its height
     */
    private static function palm(float $wide, float $high, float $hand): array
    {
        $palm = max(1.02 * $wide, 0.2 * $hand);
        $thick = max(0.45 * $high, 0.068 * $hand);

        return [
            [0.7 * $wide, 1.0 * $wide, $high],
            [1.2 * $wide, 0.35 * $wide + 0.7 * $palm, 1.02 * $high],
            [1.8 * $wide, 0.96 * $palm, 0.5 * $high + 0.6 * $thick],
            [2.6 * $wide, 1.0 * $palm, 1.1 * $thick],
            [3.4 * $wide, 0.98 * $palm, $thick],
            [3.7 * $wide, 0.9 * $palm, 0.85 * $thick],
        ];
    }

    /**
     * @return list<array{list<Point>, float}>
     */
    private static function fingers(float $wide, float $hand, float $across): array
    {
        $palm = max(1.02 * $wide, 0.2 * $hand);
        $rounds = [];
        // Little finger first, then ring, middle and index finger: where across the palm, and how far they reach.
        foreach ([
            [-0.74, -0.9, 5.2],
            [-0.25, -0.3, 6.0],
            [0.25, 0.27, 6.25],
            [0.74, 0.84, 5.85],
        ] as [$root, $tip, $far]) {
            $rounds[] = [[
                new Point(3.3 * $wide, $across * $root * $palm),
                new Point(4.5 * $wide, $across * ($root + 0.3 * ($tip - $root)) * $palm),
                new Point($far * $wide, $across * $tip * $palm),
            ], 0.45 * $palm];
        }
        $rounds[] = [[
            new Point(1.3 * $wide, $across * 0.62 * $palm),
            new Point(2.5 * $wide, $across * 1.06 * $palm),
            new Point(3.9 * $wide, $across * 1.2 * $palm),
        ], 0.5 * $palm];

        return $rounds;
    }

    /**
     * @return list<array{float, float, float}>
     */
    private static function heel(float $wide, float $high): array
    {
        return [
            [0.7 * $wide, 1.08 * $wide, 1.08 * $high],
            [1.4 * $wide, 1.05 * $wide, 1.05 * $high],
            [2.0 * $wide, 0.95 * $wide, 0.9 * $high],
        ];
    }

    /**
     * @return list<array{list<Point>, float}>
     */
    private static function foot(float $wide, float $across): array
    {
        return [
            [[new Point(1.3 * $wide, 0.0), new Point(1.9 * $wide, $across * 0.45 * $wide)], 1.7 * $wide],
            [[
                new Point(1.5 * $wide, -0.2 * $across * $wide),
                new Point(2.0 * $wide, -1.6 * $across * $wide),
                new Point(2.35 * $wide, -3.6 * $across * $wide),
            ], 1.1 * $wide],
            [[
                new Point(2.35 * $wide, 0.3 * $across * $wide),
                new Point(2.45 * $wide, -3.9 * $across * $wide),
            ], 0.9 * $wide],
        ];
    }
}
