<?php

declare(strict_types=1);

namespace Rinkel\Core\Material;

use Rinkel\Core\Measure\Length;

/**
 * One kind of bead: its length along the hole, its diameter across it, its hole. The hole is smaller than the diameter.
 */
final readonly class Bead
{
    /**
     * Seed beads by size number: diameter, length along the hole and hole, in mm, from memory of usual trade sizes (±10 %).
     */
    private const SEEDS = [
        '15/0' => [1.5, 1.1, 0.6], '11/0' => [2.2, 1.5, 0.8], '10/0' => [2.4, 1.6, 0.9], '8/0' => [3.0, 2.1, 1.1], '6/0' => [4.0, 2.9, 1.5],
    ];

    /**
     * @param int|null $stock how many there are, null when that is not kept
     * @param bool     $glass whether instant glue would frost it
     */
    public function __construct(
        public BeadShape $shape,
        public Length $length,
        public Length $diameter,
        public Length $hole,
        public Colour $colour,
        public ?int $stock = null,
        public bool $glass = false,
    ) {}

    /**
     * Returns the sizes of a seed bead as [diameter, length, hole], or null for a number that is no seed size.
     *
     * @return array{Length, Length, Length}|null
     */
    public static function seed(string $size): ?array
    {
        $sizes = self::SEEDS[$size] ?? null;

        return null === $sizes ? null : [
            Length::ofMillimetres($sizes[0]), Length::ofMillimetres($sizes[1]), Length::ofMillimetres($sizes[2]),
        ];
    }

    /**
     * Returns the usual hole of a bead of $diameter: a quarter of it, at least 0.6 mm (from memory; measure your own).
     */
    public static function usualHole(Length $diameter): Length
    {
        return Length::longest(Length::ofMillimetres(0.6), $diameter->times(0.25));
    }
}
