<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Fit\Wearer;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\PieceSpec;

/**
 * A design over girths, measured as its wearer was. What has to pass is estimated from each girth; a length that was
 * asked for does not hold for others.
 *
 * @internal
 */
final readonly class Girths implements SizeAxis
{
    /**
     * Girths to begin with, in mm and in sixteenths of an inch (our own steps, from memory of what bodies measure).
     */
    private const STEPS = [
        'wrist' => [[140, 150, 160, 170, 180, 190, 200], [88, 96, 104, 112, 120, 128]],
        'ankle' => [[210, 225, 240, 255, 270], [128, 144, 160, 176]],
        'neck' => [[320, 340, 360, 380, 400], [200, 216, 232, 248]],
    ];

    /**
     * @param list<Length> $girths
     */
    public function __construct(private array $girths) {}

    public static function usual(BodyPlace $place, Unit $unit): self
    {
        [$metric, $imperial] = self::STEPS[$place->value];

        return new self($unit->isImperial()
            ? array_map(static fn (int $steps): Length => Length::of($steps / 16, Unit::Inch), $imperial)
            : array_map(static fn (int $girth): Length => Length::ofMillimetres($girth), $metric));
    }

    public function sizes(PieceSpec $design): array
    {
        return array_map(
            static fn (Length $girth): Size => new Size('', $girth, self::of($design, $girth)),
            $this->girths,
        );
    }

    /**
     * Returns a design for another girth.
     */
    public static function of(PieceSpec $design, Length $girth): PieceSpec
    {
        return $design->withoutLength()->withWearer(
            new Wearer($girth, $design->wearing->wearer->measured, null, $design->wearing->wearer->place),
        );
    }
}
