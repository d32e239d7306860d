<?php

declare(strict_types=1);

namespace Rinkel\App\Svg;

use Rinkel\Core\Construction\Draft;
use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Measure\Length;

/**
 * How a worn piece is looked at: how far the arm is turned, how far a closure that slides is opened, and how near.
 */
final readonly class Posture
{
    /** Where it is as the fit wants it. */
    public const AS_WORN = -1;

    /**
     * @param int $turn in degrees, 0 to 359: what lies uppermost goes up and away
     * @param int $open hundredths of the way from shut to open, or AS_WORN
     * @param int $zoom times as near
     */
    public function __construct(
        public int $turn = 0,
        public int $open = self::AS_WORN,
        public int $zoom = 1,
    ) {}

    /**
     * Returns how far one step turns: a neck is seen from before or from behind.
     */
    public static function step(BodyPlace $place): int
    {
        return BodyPlace::Neck === $place ? 180 : 30;
    }

    /**
     * Returns how far the closure lets the body's ends come apart, as it is looked at.
     */
    public function gap(Draft $draft): Length
    {
        $fastened = $draft->fastened;

        return self::AS_WORN === $this->open
            ? $draft->wornGap()
            : $fastened->span->narrow->plus(
                $fastened->span->wide->minus($fastened->span->narrow)->times($this->open / 100),
            );
    }

    /**
     * Returns where between shut and open the piece is when it is worn, in hundredths.
     */
    public static function worn(Draft $draft): int
    {
        $play = $draft->fastened->span->wide->minus($draft->fastened->span->narrow);

        return $play->isZero()
            ? 0
            : (int) round(100 * $draft->wornGap()->minus($draft->fastened->span->narrow)->ratioTo($play));
    }
}
