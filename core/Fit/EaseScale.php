<?php

declare(strict_types=1);

namespace Rinkel\Core\Fit;

use Rinkel\Core\Measure\Length;

/**
 * Which ease over the skin feels how: snug is 1/2 in and loose 1 in (common practice), comfortable is halfway between;
 * each zone reaches halfway to its neighbour, the outer ones 1/4 in beyond (judgement).
 *
 * @internal
 */
final readonly class EaseScale
{
    /** Ease in inches at which each zone begins, after "too tight". */
    private const FROM = ['snug' => 0.25, 'comfortable' => 0.625, 'loose' => 0.875, 'too-loose' => 1.25];

    public function __construct(private Wearer $wearer) {}

    public static function snug(): Length
    {
        return Length::ofInches(0.5);
    }

    public static function comfortable(): Length
    {
        return Length::ofInches(0.75);
    }

    public static function loose(): Length
    {
        return Length::ofInches(1);
    }

    public function zoneOf(Length $inside): FitZone
    {
        $zone = FitZone::TooTight;
        foreach ($this->starts() as $name => $start) {
            $zone = $inside->isShorterThan($start) ? $zone : FitZone::from($name);
        }

        return $zone;
    }

    /**
     * Returns by how much an inside girth is tighter than what can be worn, or looser; nothing where it can be.
     */
    public function beyond(Length $inside): Length
    {
        $starts = $this->starts();
        [$least, $most] = [$starts['snug'], $starts['too-loose']];

        return Length::longest(Length::zero(), $least->minus($inside), $inside->minus($most));
    }

    /**
     * Returns the inside girth at which each zone begins, tightest first; below the first it is too tight.
     *
     * @return array<string, Length> by the zone's name
     */
    public function starts(): array
    {
        return array_map(fn (float $ease): Length => $this->wearer->skin()->plus(Length::ofInches($ease)), self::FROM);
    }
}
