<?php

declare(strict_types=1);

namespace Rinkel\Core\Fit;

use Rinkel\Core\Geometry\LocalFrame;
use Rinkel\Core\Geometry\Path;
use Rinkel\Core\Geometry\Point;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;

/**
 * How a necklace hangs: around the base of the neck as around a wheel, falling from both sides in straight lines, to a
 * point under the weight of a middle piece, or round at the bottom without one.
 *
 * As a belt around two wheels of radius r and q, their axes d apart, with sin a = (r − q) / d: it is 2 sqrt(d² − (r −
 * q)²) + r (π + 2a) + q (π − 2a) long and hangs d + q − r below the pit of the neck. To a point q is zero; round it
 * is 0.55 r (judgement: a string of even weight). A necklace as short as the neck does not hang.
 *
 * @internal
 */
final readonly class Drape implements Path
{
    private const ROUND = 0.55;

    /**
     * A necklace lies at the base of the neck, so much further around than the neck is measured (from memory, ±5 %).
     */
    private const BASE = 1.1;

    private float $neck;
    private float $low;

    public function __construct(
        Length $neckGirth,
        private Length $length,
        bool $pointed,
    ) {
        $this->neck = self::BASE * $neckGirth->millimetres / 2 / \M_PI;
        $this->low = $pointed ? 0.0 : self::ROUND * $this->neck;
    }

    /**
     * Returns the necklace that hangs $drop below the pit of the neck.
     */
    public static function hanging(Length $neckGirth, Length $drop, bool $pointed): self
    {
        $bare = new self($neckGirth, Length::zero(), $pointed);

        return new self(
            $neckGirth,
            Length::ofMillimetres($bare->lengthAt($drop->millimetres + $bare->neck - $bare->low)),
            $pointed,
        );
    }

    /**
     * Returns how long a necklace is begun when nothing was said: 60 cm (judgement: over most heads, and no choker).
     */
    public static function usual(): Length
    {
        return Length::ofCentimetres(60);
    }

    public function length(): Length
    {
        return $this->length;
    }

    /**
     * Returns how far below the pit of the neck it hangs.
     */
    public function drop(): Length
    {
        return Length::ofMillimetres(max(0.0, $this->apart() + $this->low - $this->neck));
    }

    /**
     * Returns what the trade calls a necklace of this length, or "" when it has no name (usual trade lengths, from
     * memory).
     */
    public static function style(Length $length): string
    {
        $inches = $length->in(Unit::Inch);

        return match (true) {
            $inches < 12 => '',
            $inches < 14 => 'collar',
            $inches < 16.5 => 'choker',
            $inches < 20 => 'princess',
            $inches < 25 => 'matinee',
            $inches < 37 => 'opera',
            default => 'rope',
        };
    }

    public function at(float $x, float $y): Point
    {
        [$point, $angle] = $this->place($x);

        return new Point($point->x - $y * sin($angle), $point->y + $y * cos($angle));
    }

    public function frame(float $x): LocalFrame
    {
        return LocalFrame::turned($this->place($x)[1]);
    }

    /**
     * Returns the radius of the neck, in mm.
     */
    public function radius(): float
    {
        return $this->neck;
    }

    /**
     * Returns where the necklace lies $x mm from its middle, seen from the front, the neck's axis at 0, and how it is
     * turned there.
     *
     * @return array{Point, float}
     */
    private function place(float $x): array
    {
        $half = $this->length->millimetres / 2;
        $x = fmod($x + 3 * $half, 2 * $half) - $half;
        $side = $x < 0 ? -1 : 1;
        $along = abs($x);
        $d = $this->apart();
        $tilt = $d > 0 ? asin(max(-1.0, min(1.0, ($this->neck - $this->low) / $d))) : \M_PI / 2;
        $bottom = $this->low * (\M_PI / 2 - $tilt);
        $straight = sqrt(max(0.0, $d ** 2 - ($this->neck - $this->low) ** 2));
        if ($along < $bottom) {
            $turn = $along / max(1e-9, $this->low);

            return [new Point($side * $this->low * sin($turn), $d + $this->low * cos($turn)), -$side * $turn];
        }
        $slope = \M_PI / 2 - $tilt;
        if ($along < $bottom + $straight) {
            $on = $along - $bottom;

            return [
                new Point(
                    $side * ($this->low * sin($slope) + $on * cos($slope)),
                    $d + $this->low * cos($slope) - $on * sin($slope),
                ),
                -$side * $slope,
            ];
        }
        $turn = $slope + ($along - $bottom - $straight) / max(1e-9, $this->neck);

        return [new Point($side * $this->neck * sin($turn), $this->neck * cos($turn)), -$side * $turn];
    }

    /**
     * Returns how far apart the two axes are, by halving: the length grows with it.
     */
    private function apart(): float
    {
        [$near, $far] = [$this->neck - $this->low, $this->length->millimetres];
        if ($this->lengthAt($near) >= $this->length->millimetres) {
            return $near;
        }
        for ($i = 0; $i < 60; ++$i) {
            $middle = ($near + $far) / 2;
            [$near, $far] = $this->lengthAt($middle) < $this->length->millimetres ? [$middle, $far] : [$near, $middle];
        }

        return $far;
    }

    private function lengthAt(float $d): float
    {
        $differ = $this->neck - $this->low;
        $tilt = $d <= $differ ? \M_PI / 2 : asin($differ / $d);

        return 2 * sqrt(
            max(0.0, $d ** 2 - $differ ** 2),
        ) + $this->neck * (\M_PI + 2 * $tilt) + $this->low * (\M_PI - 2 * $tilt);
    }
}
