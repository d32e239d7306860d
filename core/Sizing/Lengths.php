<?php

declare(strict_types=1);

namespace Rinkel\Core\Sizing;

use Rinkel\Core\Fit\BodyPlace;
use Rinkel\Core\Measure\Length;
use Rinkel\Core\Measure\Unit;
use Rinkel\Core\Piece\PieceSpec;

/**
 * A design in several finished lengths, as necklaces are sold.
 *
 * @internal
 */
final readonly class Lengths implements SizeAxis
{
    /** Shorter than any bracelet, and longer than any necklace, in mm (judgement). */
    public const RANGE = [50.0, 3000.0];

    /** Lengths to begin with, in cm and in inches (our own steps, from memory of what is sold). */
    private const STEPS = [
        'bracelet' => [[16, 18, 20], [6.5, 7, 7.5, 8]],
        'necklace' => [[40, 45, 50, 60], [16, 18, 20, 24]],
    ];

    /**
     * @param list<Length> $lengths
     */
    public function __construct(private array $lengths) {}

    public static function usual(BodyPlace $place, Unit $unit): self
    {
        [$metric, $imperial] = self::STEPS[BodyPlace::Neck === $place ? 'necklace' : 'bracelet'];

        return new self($unit->isImperial()
            ? array_map(Length::ofInches(...), $imperial)
            : array_map(Length::ofCentimetres(...), $metric));
    }

    public function sizes(PieceSpec $design): array
    {
        return array_map(
            static fn (Length $length): Size => new Size('', $length, $design->ofLength($length)),
            $this->lengths,
        );
    }
}
